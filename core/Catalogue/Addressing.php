<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a line is called by on a channel. */
enum Addressing: string
{
    case Command = 'text command';
    case Topic = 'topic';
    case Path = 'path';
    case Number = 'number';
    case Name = 'spoken name';
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What a line does when power comes back. */
enum RestorePolicy: string
{
    case Off = 'off';
    case Last = 'as it was';
    case On = 'on';
}

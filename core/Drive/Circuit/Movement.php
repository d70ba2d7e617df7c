<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

/** Whether a relay moves in one phase of starting up. */
enum Movement: string
{
    case None = 'stays off';
    case Possible = 'may pull in';
    case Certain = 'pulls in';
}

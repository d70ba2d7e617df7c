<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** How a circuit breaker lets a rush of current pass. */
enum BreakerCurve: string
{
    case B = 'B';
    case C = 'C';
    case D = 'D';
    case Inverse = 'inverse time, as in North America';
    case Fuse = 'a fuse';
}

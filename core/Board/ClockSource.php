<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Where a timer has the time from. */
enum ClockSource: string
{
    case Network = 'the network';
    case Module = 'a clock module with its own cell';
    case MainsCycles = 'the cycles of the mains';
    case Own = 'the controller’s own clock, set at each start';
}

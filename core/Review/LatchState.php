<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** What a stage’s latch shows. */
enum LatchState: string
{
    case Open = 'open';
    case Shut = 'shut';
    /** Shut, with findings that the maker lets stand, or promises that are still to be verified. */
    case ShutOnCondition = 'shut on condition';
    case NotChecked = 'not checked';
}

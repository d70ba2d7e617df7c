<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** What a stage’s latch shows. */
enum LatchState: string
{
    case Open = 'open';
    case Shut = 'shut';
    case ShutWithAccepted = 'shut with accepted';
    case NotChecked = 'not checked';
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** What came of a cell. */
enum TrialVerdict: string
{
    case Passes = 'passes';
    /** What is gone keeps it from acting, as the facts say; nothing moved. */
    case OutOfReach = 'out of reach';
    case DoesNotAct = 'does not act';
    case Late = 'late';
    case Untrue = 'tells what is not';
    case Astray = 'something else moves';
    case Harm = 'does harm';

    public function fails(): bool
    {
        return self::Passes !== $this && self::OutOfReach !== $this;
    }
}

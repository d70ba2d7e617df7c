<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** How a regulator makes one voltage of another. */
enum RegulatorKind: string
{
    /** What it takes it gives, and burns the difference of the voltages. */
    case Linear = 'linear';
    case StepDown = 'step-down';
    case StepUp = 'step-up';
    case StepUpDown = 'step-up-down';

    public function switches(): bool
    {
        return self::Linear !== $this;
    }

    /** Gives less than it gets, so that it wants some volts to spare. */
    public function needsHeadroom(): bool
    {
        return self::Linear === $this || self::StepDown === $this;
    }
}

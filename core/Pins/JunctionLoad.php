<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\FunctionKind;

/** Something on a pin that draws its current through one junction to ground: an LED, or the base of a buzzer's transistor. */
final readonly class JunctionLoad
{
    private function __construct(public float $volts, public float $ohms) {}

    /** Taken with usual values until its own are known (common practice, from memory). */
    public static function of(FunctionKind $kind): ?self
    {
        return match ($kind) {
            FunctionKind::StatusLed => new self(1.9, 470.0),
            FunctionKind::Buzzer => new self(0.7, 1e3),
            default => null,
        };
    }

    /** Current from a pin at this voltage, amperes. */
    public function amps(float $pinVolts): float
    {
        return max(0.0, $pinVolts - $this->volts) / $this->ohms;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Board\PinFunction;

/** Something on a pin that draws its current through one junction to ground: an LED, or the base of a buzzer's transistor. */
final readonly class JunctionLoad
{
    private function __construct(public float $volts, public float $ohms) {}

    private const USUAL_OHMS = 470.0;

    /** Taken with usual values until its own are known (common practice, from memory); null for what is fed by a rail. */
    public static function of(PinFunction $function): ?self
    {
        return match ($function->kind) {
            FunctionKind::StatusLed => null !== $function->lamp?->rail ? null : new self(
                ($function->lamp->colour ?? LampColour::Red)->forwardVolts()->typ,
                max(1.0, $function->lamp->ohms->value ?? self::USUAL_OHMS),
            ),
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

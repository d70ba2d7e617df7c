<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Unit;

/** What a driver makes of the level at its pin before the program runs, and the figure that decides it. */
final readonly class StartUpVerdict
{
    public function __construct(public Movement $movement, public Figure $figure) {}

    /** Nothing that matters drives it. */
    public static function still(PinState $state): self
    {
        return new self(Movement::None, new Figure(
            'coil voltage at start-up',
            0.0,
            Unit::Volt,
            'nothing drives the base',
            ['pin ' . $state->value],
            'strongest pull, greatest gain',
            'the pin’s state at start-up',
        ));
    }
}

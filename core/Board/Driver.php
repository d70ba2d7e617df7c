<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Record\OneOf;

/** The circuit between a pin and a coil. */
#[OneOf('driver', [
    'direct' => DirectDrive::class,
    'npn-low-side' => NpnLowSide::class,
    'opto-module' => OptoModuleInput::class,
])]
interface Driver
{
    /** The level at the pin that energises the coil, by the circuit’s own nature. */
    public function inherentActiveLevel(): Level;

    /** The id of the catalogue part that the circuit is built on, if any. */
    public function part(): ?string;
}

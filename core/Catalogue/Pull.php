<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A pull resistor outside the chip, to the pin’s supply or to ground. */
final readonly class Pull
{
    public function __construct(
        public PullDirection $direction,
        #[Measured(Unit::Ohm, above: true)]
        public float $ohms,
    ) {
        if ($ohms < 100.0 || $ohms > 1.0e7) {
            throw new \InvalidArgumentException('A pull resistor lies between 100 Ω and 10 MΩ. Usual are 4.7 kΩ and 10 kΩ.');
        }
    }
}

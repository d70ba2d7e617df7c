<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Copper;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** The two wires between a source and what it feeds. */
final readonly class Cable
{
    public function __construct(
        #[Measured(Unit::Metre)]
        public float $metres,
        #[Measured(Unit::SquareMetre, above: true)]
        public float $squareMetres,
    ) {
        if ($metres < 0 || $metres > 100) {
            throw new \InvalidArgumentException('A low-voltage cable is between 0 and 100 m long.');
        }
        if ($squareMetres < 0.01e-6 || $squareMetres > 50e-6) {
            throw new \InvalidArgumentException(
                'A wire of a low-voltage cable has between 0.01 mm² and 50 mm². Usual are 0.5 mm² or AWG 20.',
            );
        }
    }

    /** Ohms there and back. */
    public function ohms(): Spread
    {
        return Copper::ohms(2 * $this->metres, $this->squareMetres);
    }
}

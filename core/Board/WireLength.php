<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** How long one wire is. */
final readonly class WireLength
{
    public function __construct(
        #[Measured(Unit::Metre, least: 0.005, most: 200.0, hint: 'A wire is between 5 mm and 200 m long.')]
        public float $metres,
    ) {}
}

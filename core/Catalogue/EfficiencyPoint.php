<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** One point of an efficiency curve. */
final readonly class EfficiencyPoint
{
    public function __construct(
        #[Measured(Unit::Ampere)]
        public float $amps,
        #[Measured(Unit::Ratio, above: true)]
        public float $efficiency,
    ) {
        if ($amps <= 0 || $efficiency <= 0.05 || $efficiency > 1) {
            throw new \InvalidArgumentException('A point of an efficiency curve has some current, and an efficiency between 0.05 and 1.');
        }
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** What a relay switches with when it has no contact: a triac, or a transistor. */
final readonly class SolidStateOutput
{
    /**
     * @param bool $isTriac conducts until its current passes zero, which a direct current never does
     * @param Spread $dropVolts over the output while it is on
     * @param float $leakageAmps through the output while it is off, its own snubber included
     * @param float $leastAmps under which it does not stay on
     * @param float $kelvinPerWatt from junction to air, without a heat sink
     * @param float $greatestCelsius of the junction
     */
    public function __construct(
        public bool $isTriac,
        #[Measured(Unit::Volt)]
        public Spread $dropVolts,
        #[Measured(Unit::Ampere)]
        public float $leakageAmps,
        #[Measured(Unit::Ampere)]
        public float $leastAmps,
        #[Measured(Unit::Ratio, above: true)]
        public float $kelvinPerWatt,
        #[Measured(Unit::Celsius)]
        public float $greatestCelsius,
    ) {}
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** An n-channel MOSFET as a switch. */
#[Heading('MOSFETs')]
final readonly class Mosfet implements GatedPart
{
    use Rated;

    /**
     * @param Spread $thresholdVolts gate–source voltage at which it begins to conduct
     * @param float $specifiedGateVolts the lowest gate–source voltage at which the maker states an on-resistance
     * @param float $onResistance greatest on-resistance at that gate voltage, 25 °C
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt)]
        public Spread $thresholdVolts,
        #[Measured(Unit::Volt, above: true)]
        public float $specifiedGateVolts,
        #[Measured(Unit::Ohm, above: true)]
        public float $onResistance,
        #[Measured(Unit::Ampere, above: true)]
        public float $greatestAmps,
        #[Measured(Unit::Volt, above: true)]
        public float $greatestVolts,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
    ) {
        if ($specifiedGateVolts <= $thresholdVolts->max) {
            throw new \InvalidArgumentException('An on-resistance is stated at a gate voltage above the greatest threshold.');
        }
    }

    /** K of the level-1 model in A/V², such that the stated on-resistance is met at the greatest threshold. */
    public function transconductance(): float
    {
        return 1 / ($this->onResistance * ($this->specifiedGateVolts - $this->thresholdVolts->max));
    }

    public function specifiedGateVolts(): float
    {
        return $this->specifiedGateVolts;
    }

    /** Its gate hangs on a pin, which gives less than any gate bears. */
    public function greatestGateVolts(): null
    {
        return null;
    }
}

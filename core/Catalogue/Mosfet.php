<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** An n-channel MOSFET as a switch. */
#[Heading('MOSFETs')]
final readonly class Mosfet implements GatedPart, Padded
{
    use Gated;
    use OfItsPrice;
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
        public ?PadMap $pads = null,
    ) {
        $this->verifyThreshold();
    }

    /** Its gate hangs on a pin, which gives less than any gate bears. */
    public function greatestGateVolts(): null
    {
        return null;
    }

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}

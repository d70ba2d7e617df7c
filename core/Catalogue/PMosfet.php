<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A p-channel MOSFET as a switch between a rail and its load. Its voltages are given by their amounts, gate below source. */
#[Heading('P-channel MOSFETs')]
final readonly class PMosfet implements GatedPart, Padded
{
    use Gated;
    use OfItsPrice;
    use Rated;

    /**
     * @param Spread $thresholdVolts between gate and source, at which it begins to conduct
     * @param float $specifiedGateVolts the lowest gate–source voltage at which the maker states an on-resistance
     * @param float $onResistance greatest on-resistance at that gate voltage, 25 °C
     * @param float $greatestGateVolts that its gate bears
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt)]
        public Spread $thresholdVolts,
        #[Measured(Unit::Volt, above: true)]
        public float $specifiedGateVolts,
        #[Measured(Unit::Ohm, above: true)]
        public float $onResistance,
        #[Measured(Unit::Volt, above: true)]
        public float $greatestGateVolts,
        #[Measured(Unit::Ampere, above: true)]
        public float $greatestAmps,
        #[Measured(Unit::Volt, above: true)]
        public float $greatestVolts,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public ?PadMap $pads = null,
    ) {
        $this->verifyThreshold();
        if ($greatestGateVolts < $specifiedGateVolts) {
            throw new \InvalidArgumentException('A gate bears at least the voltage at which its on-resistance is stated.');
        }
    }

    public function greatestGateVolts(): float
    {
        return $this->greatestGateVolts;
    }

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}

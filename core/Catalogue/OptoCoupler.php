<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** An opto coupler by itself: an LED and a phototransistor. */
#[Heading('Opto couplers')]
final readonly class OptoCoupler implements DriverPart, Padded
{
    use OfItsPrice;

    /**
     * @param Spread $ledVolts forward voltage at 5 mA
     * @param Spread $transferRatio collector over LED current at 5 mA, 5 V
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt)]
        public Spread $ledVolts,
        #[Measured(Unit::Ratio, above: true)]
        public Spread $transferRatio,
        #[Measured(Unit::Ampere)]
        public float $greatestLedAmps,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public ?PadMap $pads = null,
    ) {}

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}

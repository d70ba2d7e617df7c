<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A ready-made relay module: supply – resistor – indicator LED – opto LED – input, active low. */
#[Heading('Ready-made relay modules')]
final readonly class OptoModule implements DriverPart, Padded
{
    use OfItsPrice;

    /**
     * @param float $supplyVolts the supply that its inputs and coils are made for
     * @param Spread $indicatorVolts forward voltage of the indicator LED at 2 mA; 0 V where none is in series
     * @param Spread $optoVolts forward voltage of the opto’s LED at 2 mA
     * @param float $operateAmps from this input current on, the relay pulls in for certain
     * @param float $releaseAmps up to this input current, the relay releases for certain
     * @param Spread $coilDrop volts that the module’s own transistor keeps from the coil
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt)]
        public float $supplyVolts,
        #[Measured(Unit::Ohm, above: true)]
        public Spread $seriesResistance,
        #[Measured(Unit::Volt)]
        public Spread $indicatorVolts,
        #[Measured(Unit::Volt)]
        public Spread $optoVolts,
        #[Measured(Unit::Ampere, above: true)]
        public float $operateAmps,
        #[Measured(Unit::Ampere)]
        public float $releaseAmps,
        #[Measured(Unit::Volt)]
        public Spread $coilDrop,
        public Level $activeLevel,
        public bool $hasTriggerJumper = false,
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

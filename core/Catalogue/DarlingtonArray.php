<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Darlington pairs in one package, with input resistors and clamp diodes to a common pin. */
#[Heading('Darlington arrays')]
final readonly class DarlingtonArray implements SwitchingPart, Padded
{
    use OfItsPrice;
    use Rated;

    /**
     * @param Spread $inputOhms built-in resistor at each input
     * @param Spread $gain of each of the two transistors
     * @param Spread $saturationCurrent I_S of each transistor, in amperes at 27 °C
     * @param Spread $collectorResistance ohms in series with the output
     * @param float $junctionKelvinPerWatt package heat: rise of the junction over the air
     */
    public function __construct(
        public PartIdentity $identity,
        public int $channels,
        #[Measured(Unit::Ohm, above: true)]
        public Spread $inputOhms,
        #[Measured(Unit::Ratio, above: true)]
        public Spread $gain,
        #[Measured(Unit::Ampere, above: true)]
        public Spread $saturationCurrent,
        #[Measured(Unit::Ohm)]
        public Spread $collectorResistance,
        #[Measured(Unit::Ampere, above: true)]
        public float $greatestAmps,
        #[Measured(Unit::Volt, above: true)]
        public float $greatestVolts,
        #[Measured(Unit::Ratio, above: true)]
        public float $junctionKelvinPerWatt,
        #[Measured(Unit::Celsius)]
        public float $greatestCelsius,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public ?PadMap $pads = null,
    ) {}

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}

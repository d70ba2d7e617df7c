<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A bipolar transistor, by the parameters of its transport model. */
#[Heading('Transistors')]
final readonly class Transistor implements SwitchingPart, Padded
{
    use OfItsPrice;
    use Rated;

    /**
     * @param Spread $gain forward current gain at the coil’s current
     * @param Spread $saturationCurrent I_S in amperes, at 27 °C
     * @param float $reverseGain reverse current gain
     * @param Spread $collectorResistance ohms in series with the collector
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Ratio, above: true)]
        public Spread $gain,
        #[Measured(Unit::Ampere, above: true)]
        public Spread $saturationCurrent,
        #[Measured(Unit::Ratio, above: true)]
        public float $reverseGain,
        #[Measured(Unit::Ohm)]
        public Spread $collectorResistance,
        #[Measured(Unit::Ampere, above: true)]
        public float $greatestAmps,
        #[Measured(Unit::Volt, above: true)]
        public float $greatestVolts,
        public bool $isPnp = false,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public ?PadMap $pads = null,
    ) {}

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A full bridge with two inputs: each turns the current through its load one way; both low, nothing flows. */
#[Heading('Bridges')]
final readonly class BridgeDriver implements SwitchingPart, Padded
{
    use OfItsPrice;
    use Rated;

    /**
     * @param Spread $thresholdVolts at an input: surely low up to the least, surely high from the greatest
     * @param Spread $inputOhms built in from each input to ground
     * @param Spread $outputOhms both conducting switches together
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt)]
        public Spread $thresholdVolts,
        #[Measured(Unit::Ohm, above: true)]
        public Spread $inputOhms,
        #[Measured(Unit::Ohm)]
        public Spread $outputOhms,
        #[Measured(Unit::Ampere, above: true)]
        public float $greatestAmps,
        #[Measured(Unit::Volt, above: true)]
        public float $greatestVolts,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public ?PadMap $pads = null,
    ) {}

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** What the pins of a controller or an expander give, bear and read. */
final readonly class PinElectrics
{
    /**
     * @param Spread $supply volts at the pins’ supply
     * @param Spread $sourceResistance ohms between the supply and a pin that is driven high: (VDD − V_OH) ÷ rated current
     * @param Spread $sinkResistance ohms between a pin that is driven low and ground
     * @param float $inputLowRatio the highest low, as a share of the supply (V_IL)
     * @param float $inputHighRatio the lowest high, as a share of the supply (V_IH)
     * @param float $plannedPinAmps what one pin may carry for good
     * @param float $greatestPinAmps absolute maximum of one pin
     * @param ?float $resetPinAmps what one pin is rated for with the drive strength that it has after reset, until the program raises it;
     *     null where there is only one strength
     * @param ?float $greatestTotalAmps absolute maximum of all pins together; null where the maker states none
     */
    public function __construct(
        #[Measured(Unit::Volt, above: true)]
        public Spread $supply,
        #[Measured(Unit::Ohm, above: true)]
        public Spread $sourceResistance,
        #[Measured(Unit::Ohm, above: true)]
        public Spread $sinkResistance,
        #[Measured(Unit::Ratio, above: true)]
        public float $inputLowRatio,
        #[Measured(Unit::Ratio, above: true)]
        public float $inputHighRatio,
        #[Measured(Unit::Ohm, above: true)]
        public Spread $pullUpResistance,
        #[Measured(Unit::Ohm, above: true)]
        public Spread $pullDownResistance,
        #[Measured(Unit::Ampere, above: true)]
        public float $plannedPinAmps,
        #[Measured(Unit::Ampere, above: true)]
        public float $greatestPinAmps,
        #[Measured(Unit::Ampere, above: true)]
        public ?float $greatestTotalAmps,
        #[Measured(Unit::Ampere, above: true)]
        public ?float $resetPinAmps = null,
    ) {}

    /** The same pins on another supply. */
    public function suppliedBy(Spread $supply): self
    {
        return Copy::of($this, ['supply' => $supply]);
    }
}

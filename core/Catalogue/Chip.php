<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** A microcontroller: the electrical facts of its pins, and each pin. */
final readonly class Chip implements Part
{
    /**
     * @param Spread $supply volts at the pins’ supply
     * @param Spread $sourceResistance ohms between the supply and a pin that is driven high: (VDD − V_OH) ÷ rated current
     * @param Spread $sinkResistance ohms between a pin that is driven low and ground
     * @param float $inputLowRatio the highest low, as a share of the supply (V_IL)
     * @param float $inputHighRatio the lowest high, as a share of the supply (V_IH)
     * @param float $plannedPinAmps what one pin may carry for good
     * @param float $greatestPinAmps absolute maximum of one pin
     * @param ?float $greatestTotalAmps absolute maximum of all pins together; null where the maker states none
     * @param Spread $runCurrent amperes while running, the radio listening
     * @param float $peakAmps the greatest current, the radio sending
     * @param list<ChipPin> $pins
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt)]
        public Spread $supply,
        #[Measured(Unit::Ohm)]
        public Spread $sourceResistance,
        #[Measured(Unit::Ohm)]
        public Spread $sinkResistance,
        #[Measured(Unit::Ratio)]
        public float $inputLowRatio,
        #[Measured(Unit::Ratio)]
        public float $inputHighRatio,
        #[Measured(Unit::Ohm)]
        public Spread $pullUpResistance,
        #[Measured(Unit::Ohm)]
        public Spread $pullDownResistance,
        #[Measured(Unit::Ampere)]
        public float $plannedPinAmps,
        #[Measured(Unit::Ampere)]
        public float $greatestPinAmps,
        #[Measured(Unit::Ampere)]
        public ?float $greatestTotalAmps,
        public bool $radio,
        #[Measured(Unit::Ampere)]
        public Spread $runCurrent,
        #[Measured(Unit::Ampere)]
        public float $peakAmps,
        #[ListOf(ChipPin::class)]
        public array $pins,
    ) {
        $names = array_map(static fn(ChipPin $pin): string => $pin->name, $pins);
        if (count($names) !== count(array_unique($names))) {
            throw new \InvalidArgumentException('Two pins of the chip bear the same name.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}

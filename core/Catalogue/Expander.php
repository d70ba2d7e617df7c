<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** A chip that gives a controller more pins over a bus. */
#[Heading('Expanders')]
final readonly class Expander implements Padded, Sized
{
    use OfItsPrice;
    use OfItsSize;

    /**
     * @param Spread $supply volts that it may be fed with
     * @param float $busHighRatio lowest high at its bus inputs, as a share of its supply
     * @param int $firstAddress 7-bit I2C address with all address pins low; 0 for shift registers
     * @param int $addresses how many addresses its address pins choose from; 0 for shift registers
     * @param float $inputFarads capacitance of each of its bus inputs
     * @param PinElectrics $electrics at the supply named there
     * @param list<ChipPin> $pins with what they do from power-up until the program writes to them
     * @param float $price indicative, in euros
     */
    public function __construct(
        public PartIdentity $identity,
        public ExpanderKind $kind,
        #[Measured(Unit::Volt)]
        public Spread $supply,
        #[Measured(Unit::Ratio)]
        public float $busHighRatio,
        public int $firstAddress,
        public int $addresses,
        #[Measured(Unit::Farad)]
        public float $inputFarads,
        public PinElectrics $electrics,
        #[ListOf(ChipPin::class)]
        public array $pins,
        #[Measured(Unit::Euro)]
        public float $price,
        public ?PadMap $pads = null,
        public ?Size $size = null,
    ) {
        if ($kind->isOnI2c() && ($firstAddress < 8 || $addresses < 1 || $firstAddress + $addresses > 120)) {
            throw new \InvalidArgumentException('The addresses of an I2C expander lie between 8 and 119.');
        }
        if ([] === $pins) {
            throw new \InvalidArgumentException('An expander needs at least one pin.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    public function hasAddress(int $address): bool
    {
        return $address >= $this->firstAddress && $address < $this->firstAddress + $this->addresses;
    }

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}

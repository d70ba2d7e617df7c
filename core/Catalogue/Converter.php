<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A regulator as it is bought: a chip in its package, or a small board with everything around it. */
#[Heading('Regulators and converters')]
final readonly class Converter implements Padded, Sized
{
    use OfItsPrice;
    use OfItsSize;

    public function __construct(
        public PartIdentity $identity,
        public Regulation $regulation,
        public ?Size $size = null,
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

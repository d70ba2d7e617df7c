<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A box that a board goes into. */
#[Heading('Enclosures')]
final readonly class Enclosure implements Sized
{
    use OfItsPrice;
    use OfItsSize;

    /**
     * @param Size $size inside, walls and bosses taken off; of a round one both ways are its diameter
     * @param bool $metal its walls conduct
     * @param ?Standing $standing how it stands; null where that is not told
     * @param ?float $fillCubicMetres volume that its maker marks it with, where conductors are counted against it
     */
    public function __construct(
        public PartIdentity $identity,
        public EnclosureShape $shape,
        public Size $size,
        public bool $metal = false,
        #[Measured(Unit::CubicMetre, above: true)]
        public ?float $fillCubicMetres = null,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public ?Standing $standing = null,
    ) {
        if (EnclosureShape::Round === $shape && $size->lengthMetres !== $size->widthMetres) {
            throw new \InvalidArgumentException('A round enclosure is as wide as it is long: both are its diameter.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Where a part lies: the corner of its outline that is nearest to the left and the top of the plan, and how it is turned. */
final readonly class PlacedAt
{
    /**
     * @param int $quarters turned clockwise by so many right angles
     */
    public function __construct(
        #[Measured(Unit::Metre, least: -0.5, most: 3.0)]
        public float $xMetres,
        #[Measured(Unit::Metre, least: -0.5, most: 3.0)]
        public float $yMetres,
        public int $quarters = 0,
    ) {
        if ($quarters < 0 || $quarters > 3) {
            throw new \InvalidArgumentException('A part is turned by 0 to 3 right angles.');
        }
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** The box around a part. */
final readonly class Size
{
    public function __construct(
        #[Measured(Unit::Metre, above: true)]
        public float $lengthMetres,
        #[Measured(Unit::Metre, above: true)]
        public float $widthMetres,
        #[Measured(Unit::Metre, above: true)]
        public float $heightMetres,
    ) {
        if (min($lengthMetres, $widthMetres, $heightMetres) <= 0 || max($lengthMetres, $widthMetres, $heightMetres) > 2) {
            throw new \InvalidArgumentException('A part measures more than nothing and at most 2 m each way.');
        }
    }

    public function cubicMetres(): float
    {
        return $this->lengthMetres * $this->widthMetres * $this->heightMetres;
    }

    /** “34 × 20 × 15 mm”. */
    public function printed(): string
    {
        return sprintf('%.0f × %.0f × %.0f mm', 1000 * $this->lengthMetres, 1000 * $this->widthMetres, 1000 * $this->heightMetres);
    }
}

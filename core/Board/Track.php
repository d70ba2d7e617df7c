<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** The narrowest mains track of the board. */
final readonly class Track
{
    /**
     * @param float $copperMetres thickness of the copper: 35 µm for one ounce
     * @param bool $inner it lies inside the board
     * @param float $tinMetres solder on it, mean thickness; 0 for none
     * @param ?Fact<bool> $carriesAll all lines are fed through it, as through the common bar of several contacts; null while nothing is
     *     said of it
     */
    public function __construct(
        #[Measured(Unit::Metre, above: true)]
        public float $widthMetres,
        #[Measured(Unit::Metre, above: true)]
        public float $copperMetres = 35e-6,
        public bool $inner = false,
        #[Measured(Unit::Metre)]
        public float $tinMetres = 0.0,
        #[FactOf('bool')]
        public ?Fact $carriesAll = null,
    ) {
        if ($tinMetres < 0 || $tinMetres > 2e-3 || ($inner && $tinMetres > 0)) {
            throw new \InvalidArgumentException('Solder lies on an outer track only, at most 2 mm thick.');
        }
        if ($widthMetres < 0.1e-3 || $widthMetres > 0.05 || $copperMetres < 10e-6 || $copperMetres > 500e-6) {
            throw new \InvalidArgumentException(
                'A mains track is between 0.1 mm and 50 mm wide, of copper between 10 µm and 0.5 mm thick. One ounce is 35 µm.',
            );
        }
    }

    /** Thickness of copper that carries as much: solder conducts an eighth of what copper does (from memory). */
    public function equivalentMetres(): float
    {
        return $this->copperMetres + $this->tinMetres / 8;
    }
}

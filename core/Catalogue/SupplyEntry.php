<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A pin of a carrier that takes its supply. */
final readonly class SupplyEntry
{
    /**
     * @param string $label as printed
     * @param Spread $input volts that it takes
     * @param bool $regulated the carrier’s own regulator stands behind it; otherwise it leads straight to the chip
     */
    public function __construct(
        public string $label,
        #[Measured(Unit::Volt, above: true)]
        public Spread $input,
        public bool $regulated,
    ) {}
}

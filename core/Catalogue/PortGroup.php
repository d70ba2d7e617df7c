<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/**
 * Pins that share one path to supply or to ground inside the chip, and what that path bears; null where the maker states no limit for
 * it.
 */
final readonly class PortGroup
{
    public function __construct(
        public string $name,
        #[Measured(Unit::Ampere)]
        public ?float $sourceAmps = null,
        #[Measured(Unit::Ampere)]
        public ?float $sinkAmps = null,
    ) {}
}

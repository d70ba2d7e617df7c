<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** How long one phase of starting up usually lasts. */
final readonly class PhaseLength
{
    public function __construct(
        public BootPhase $phase,
        #[Measured(Unit::Second)]
        public float $seconds,
    ) {}
}

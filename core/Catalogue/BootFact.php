<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** What a chip does to one of its pins in one phase of starting up, and how long. */
final readonly class BootFact
{
    public function __construct(
        public BootPhase $phase,
        public PinState $state,
        #[Measured(Unit::Second)]
        public float $seconds,
        public Basis $basis,
    ) {}
}

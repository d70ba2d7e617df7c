<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Quantity\Figure;

/** What one phase of starting up does to a relay. */
final readonly class Moment
{
    /**
     * @param Figure $cause coil voltage, or input current of a module, at the worst corner
     * @param float $seconds how long the phase lasts; 0 where that is not known
     */
    public function __construct(
        public BootPhase $phase,
        public PinState $state,
        public float $seconds,
        public Basis $basis,
        public Movement $movement,
        public Figure $cause,
    ) {}
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Drive\Circuit\Movement;
use IronLatch\Core\Quantity\Figure;

/** What one phase of starting up does to an output and to what hangs on it. */
final readonly class Moment
{
    /**
     * @param float $seconds how long the state lasts; 0 where that is not known
     * @param ?float $volts at the pin, typical; null where nothing decides it
     * @param Figure $cause coil voltage, or input current of a module, at the worst corner
     */
    public function __construct(
        public BootPhase $phase,
        public PinState $state,
        public float $seconds,
        public Basis $basis,
        public ?float $volts,
        public Movement $movement,
        public Figure $cause,
    ) {}

    /** Whether a relay moves that nobody has switched. */
    public function isTwitch(): bool
    {
        return Movement::None !== $this->movement && BootPhase::Run !== $this->phase;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** Fits or removes the resistor between base and emitter of NPN drivers. */
final readonly class SetBaseEmitterResistor implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     * @param ?float $ohms null removes it
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        #[Measured(Unit::Ohm, above: true)]
        public ?float $ohms,
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeTransistorDrivers(
            $board,
            $this->actuators,
            fn(NpnLowSide $driver): NpnLowSide => new NpnLowSide($driver->transistor, $driver->baseOhms, $this->ohms),
        );
    }

    public function summary(Board $board): string
    {
        return null === $this->ohms
            ? sprintf('Remove the base–emitter resistor for %s', Targets::names($board, $this->actuators))
            : sprintf(
                'Fit %s from base to emitter for %s',
                QuantityPrinter::rounded($this->ohms, Unit::Ohm),
                Targets::names($board, $this->actuators),
            );
    }
}

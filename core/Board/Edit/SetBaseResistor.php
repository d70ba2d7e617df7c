<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** Changes the base resistor of NPN drivers. */
final readonly class SetBaseResistor implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        #[Measured(Unit::Ohm, above: true)]
        public float $ohms,
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeTransistorDrivers(
            $board,
            $this->actuators,
            fn(NpnLowSide $driver): NpnLowSide => new NpnLowSide($driver->transistor, $this->ohms, $driver->baseEmitterOhms),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'Fit %s at the base for %s',
            QuantityPrinter::rounded($this->ohms, Unit::Ohm),
            Targets::names($board, $this->actuators),
        );
    }
}

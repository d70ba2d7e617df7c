<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Drivers;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** Drives coils by an NPN transistor with a base resistor; the active level becomes high. */
final readonly class DriveByTransistor implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        public Transistor $transistor,
        #[Measured(Unit::Ohm, above: true)]
        public float $baseOhms,
        #[Measured(Unit::Ohm)]
        public ?float $baseEmitterOhms = null,
    ) {}

    public function apply(Board $board): Board
    {
        $driver = new NpnLowSide($this->transistor->identity->id, $this->baseOhms, $this->baseEmitterOhms);

        return Targets::changeActuators(
            $board->withPart($this->transistor),
            $this->actuators,
            static fn(Actuator $actuator): Actuator => $actuator->with(driver: $driver, activeLevel: Actuator::levelOf($driver)),
        );
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(
            sprintf(
                'Drive %s by %s with %s at the base',
                Targets::names($board, $this->actuators),
                $this->transistor->identity->name,
                QuantityPrinter::rounded($this->baseOhms, Unit::Ohm),
            ),
            $board,
            $this,
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Drivers;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** Holds coils with less than their full voltage once they are in, by switching them fast; or with the full one again. */
final readonly class HoldCoils implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        #[Measured(Unit::Ratio)]
        public ?float $ratio = null,
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeActuators($board, $this->actuators, function (Actuator $actuator) use ($board): Actuator {
            if (
                null !== $this->ratio
                && (null === $actuator->relay || !$board->relay($actuator)->isPlain() || !$actuator->driver->canBePulsed())
            ) {
                throw new EditRefused(sprintf(
                    '“%s” cannot be held with less: that wants a plain coil behind a transistor, MOSFET or array that the program '
                        . 'switches fast.',
                    $board->nameOf($actuator->function),
                ));
            }

            return $actuator->holding($this->ratio);
        });
    }

    public function summary(Board $board): string
    {
        return null === $this->ratio ? sprintf('Hold %s with the full voltage', Targets::names($board, $this->actuators)) : sprintf(
            'Hold %s with %s of the voltage',
            Targets::names($board, $this->actuators),
            QuantityPrinter::rounded($this->ratio, Unit::Ratio),
        );
    }
}

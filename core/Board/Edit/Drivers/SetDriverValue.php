<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Drivers;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\DriverResistor;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;
use IronLatch\Core\Record\RecordShape;

/** Changes one resistor of driver circuits. */
final readonly class SetDriverValue implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     * @param string $value which resistor, as the circuit names it
     * @param ?float $ohms null takes it out, where the circuit can do without
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        public string $value,
        #[Measured(Unit::Ohm, above: true)]
        public ?float $ohms,
    ) {}

    public function apply(Board $board): Board
    {
        $name = $this->name() ?? throw new EditRefused('No driver circuit has a resistor of this name. Load the page again.');

        return Targets::changeActuators($board, $this->actuators, function (Actuator $actuator) use ($board, $name): Actuator {
            if (!isset($actuator->driver->resistors()[$this->value])) {
                throw new EditRefused(sprintf(
                    'The driver of “%s” has no %s. Choose that driver first.',
                    $board->nameOf($actuator->function),
                    $name,
                ));
            }

            return $actuator->with(driver: $actuator->driver->withValue($this->value, $this->ohms));
        });
    }

    public function summary(Board $board): string
    {
        return sprintf(
            '%s %s for %s',
            null === $this->ohms ? 'Take out the' : 'Fit ' . QuantityPrinter::rounded($this->ohms, Unit::Ohm) . ' as',
            $this->name() ?? 'resistor',
            Targets::names($board, $this->actuators),
        );
    }

    /** What the resistor is called, by the first circuit that has it. */
    private function name(): ?string
    {
        foreach (RecordShape::variants(Driver::class)->classes as $circuit) {
            if (isset(DriverResistor::of($circuit)[$this->value])) {
                return DriverResistor::of($circuit)[$this->value]->name;
            }
        }

        return null;
    }
}

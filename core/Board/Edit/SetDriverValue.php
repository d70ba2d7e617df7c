<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** Changes one resistor of driver circuits. */
final readonly class SetDriverValue implements Edit
{
    private const NAMES = [
        'baseOhms' => 'base resistor',
        'baseEmitterOhms' => 'base–emitter resistor',
        'gateOhms' => 'gate resistor',
        'pullDownOhms' => 'gate pull-down',
        'couplingOhms' => 'coupling resistor',
        'emitterBaseOhms' => 'emitter–base resistor',
        'inputOhms' => 'input resistor',
        'ledOhms' => 'LED resistor',
    ];

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
        if (!isset(self::NAMES[$this->value])) {
            throw new EditRefused('No driver circuit has a resistor of this name. Load the page again.');
        }

        return Targets::changeActuators($board, $this->actuators, function (Actuator $actuator) use ($board): Actuator {
            if (!property_exists($actuator->driver, $this->value)) {
                throw new EditRefused(sprintf(
                    'The driver of “%s” has no %s. Choose that driver first.',
                    $board->nameOf($actuator->function),
                    self::NAMES[$this->value],
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
            self::NAMES[$this->value] ?? 'resistor',
            Targets::names($board, $this->actuators),
        );
    }
}

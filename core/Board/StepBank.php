<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** The series capacitors of a fan’s steps; a step without one is full speed. */
final readonly class StepBank
{
    /**
     * @param list<StepCapacitor> $capacitors
     * @param ?Fact<CapacitorClass> $class null while nothing is said of it
     * @param ?Fact<float> $bleederOhms across each capacitor; 0 for none, null while nothing is said of it
     * @param ?Fact<float> $seriesOhms in series with each capacitor; 0 for none, null while nothing is said of it
     */
    public function __construct(
        #[ListOf(StepCapacitor::class)]
        public array $capacitors = [],
        #[FactOf(CapacitorClass::class)]
        public ?Fact $class = null,
        #[FactOf('float'), Measured(Unit::Ohm)]
        public ?Fact $bleederOhms = null,
        #[FactOf('float'), Measured(Unit::Ohm)]
        public ?Fact $seriesOhms = null,
    ) {
        if (is_float($bleederOhms?->value) && ($bleederOhms->value < 0 || $bleederOhms->value > 100e6) || is_float($seriesOhms?->value) && ($seriesOhms->value < 0 || $seriesOhms->value > 1e3)) {
            throw new \InvalidArgumentException('A bleeder has up to 100 MΩ and a series resistor up to 1 kΩ; write 0 for none.');
        }
    }

    /** Farads of a step; null for full speed. */
    public function faradsOf(string $function): ?float
    {
        foreach ($this->capacitors as $one) {
            if ($one->function === $function) {
                return $one->farads;
            }
        }

        return null;
    }

    /**
     * @param list<string> $functions steps that are gone
     */
    public function without(array $functions): self
    {
        return new self(array_values(array_filter($this->capacitors, static fn(StepCapacitor $one): bool => !in_array($one->function, $functions, true))), $this->class, $this->bleederOhms, $this->seriesOhms);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** The series capacitors of a fan’s steps, and which relays each step closes; a relay without a capacitor is full speed. */
final readonly class StepBank
{
    /**
     * @param list<StepCapacitor> $capacitors
     * @param ?Fact<CapacitorClass> $class null while nothing is said of it
     * @param ?Fact<float> $bleederOhms across each capacitor; 0 for none, null while nothing is said of it
     * @param ?Fact<float> $seriesOhms in series with each capacitor; 0 for none, null while nothing is said of it
     * @param list<StepPattern> $patterns the steps; none while each relay is a step by itself
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
        #[ListOf(StepPattern::class)]
        public array $patterns = [],
    ) {
        if (
            is_float($bleederOhms?->value) && ($bleederOhms->value < 0 || $bleederOhms->value > 100e6)
            || is_float($seriesOhms?->value) && ($seriesOhms->value < 0 || $seriesOhms->value > 1e3)
        ) {
            throw new \InvalidArgumentException('A bleeder has up to 100 MΩ and a series resistor up to 1 kΩ; write 0 for none.');
        }
    }

    /**
     * @param ?list<StepCapacitor> $capacitors
     * @param ?Fact<CapacitorClass> $class
     * @param ?Fact<float> $bleederOhms
     * @param ?Fact<float> $seriesOhms
     * @param ?list<StepPattern> $patterns
     */
    public function with(
        ?array $capacitors = null,
        ?Fact $class = null,
        ?Fact $bleederOhms = null,
        ?Fact $seriesOhms = null,
        ?array $patterns = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }

    /** Farads behind one relay; null for full speed. */
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
     * @param list<string> $functions relays that are gone
     */
    public function without(array $functions): self
    {
        $patterns = [];
        foreach ($this->patterns as $pattern) {
            $relays = array_values(array_diff($pattern->relays, $functions));
            if ([] !== $relays) {
                $patterns[implode(' ', $relays)] ??= new StepPattern($relays);
            }
        }

        return $this->with(
            array_values(array_filter(
                $this->capacitors,
                static fn(StepCapacitor $one): bool => !in_array($one->function, $functions, true),
            )),
            patterns: array_values($patterns),
        );
    }
}

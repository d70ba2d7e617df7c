<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Drive\Circuit\BaseResistor;
use IronLatch\Core\Drive\Circuit\DriverResult;
use IronLatch\Core\Quantity\MarginState;

/** One driver circuit that could stand between a pin and a coil, sized for them. */
final readonly class DriverWay
{
    /**
     * @param string $id by which it is asked for again
     * @param list<Part> $parts
     * @param bool $movesAtStart the relay would move before the program runs, on the pin it has
     * @param int $count how many parts are soldered in
     * @param float $squareMetres board area that they take, about
     * @param float $price in euros, indicative
     */
    public function __construct(
        public string $id,
        public string $title,
        public Driver $driver,
        public array $parts,
        public DriverResult $result,
        public bool $movesAtStart,
        public int $count,
        public float $squareMetres,
        public float $price,
        public string $trade,
    ) {}

    /** Whether it pulls in and lets go at every corner, and the pin bears it. */
    public function isSound(): bool
    {
        return MarginState::Sound === $this->result->pullIn->state()
            && MarginState::Sound === $this->result->pin->state()
            && MarginState::Sound === ($this->result->switchBears?->state() ?? MarginState::Sound)
            && MarginState::Sound === ($this->result->staysOff?->state() ?? MarginState::Sound)
            && ($this->result->collectorVolts->value ?? 0.0) <= BaseResistor::SATURATED_VOLTS
            && ($this->result->gate?->isSpecified() ?? true)
            && !$this->movesAtStart;
    }

    /** The least margin of all its hand-offs at the worst corner. */
    public function margin(): float
    {
        return min(
            $this->result->pullIn->worst->value,
            $this->result->pin->worst->value,
            $this->result->staysOff->worst->value ?? INF,
            $this->result->switchBears->worst->value ?? INF,
        );
    }

    /**
     * @param list<string> $actuators
     */
    public function edit(array $actuators): ChooseDriver
    {
        return new ChooseDriver($actuators, $this->driver, $this->parts, $this->title);
    }
}

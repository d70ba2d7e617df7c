<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Pin – base resistor – NPN transistor, the coil between its rail and the collector. */
final readonly class NpnLowSide implements Driver
{
    /**
     * @param string $transistor part id
     * @param ?float $baseEmitterOhms null where none is fitted
     */
    public function __construct(
        public string $transistor,
        #[Measured(Unit::Ohm, above: true)]
        public float $baseOhms,
        #[Measured(Unit::Ohm)]
        public ?float $baseEmitterOhms = null,
    ) {
        if ($baseOhms < 10 || $baseOhms > 1.0e6) {
            throw new \InvalidArgumentException('A base resistor lies between 10 Ω and 1 MΩ. Usual are 330 Ω to 1 kΩ.');
        }
        if (null !== $baseEmitterOhms && ($baseEmitterOhms < 100 || $baseEmitterOhms > 1.0e6)) {
            throw new \InvalidArgumentException('A base–emitter resistor lies between 100 Ω and 1 MΩ. Usual is 10 kΩ.');
        }
    }

    public function inherentActiveLevel(): Level
    {
        return Level::High;
    }

    public function parts(): array
    {
        return [$this->transistor];
    }

    public function switchPart(): string
    {
        return $this->transistor;
    }

    public function withValue(string $name, ?float $ohms): self
    {
        return new self(
            $this->transistor,
            'baseOhms' === $name ? $ohms ?? $this->baseOhms : $this->baseOhms,
            'baseEmitterOhms' === $name ? $ohms : $this->baseEmitterOhms,
        );
    }
}

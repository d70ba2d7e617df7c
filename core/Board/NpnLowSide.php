<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Pin – base resistor – NPN transistor, the coil between its rail and the collector. */
final readonly class NpnLowSide implements Driver
{
    use UsualDriver;

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
        return [new PartUse($this->transistor, Transistor::class, false)];
    }

    public function words(): string
    {
        return 'NPN ' . QuantityPrinter::rounded($this->baseOhms, Unit::Ohm);
    }

    public function canBePulsed(): bool
    {
        return true;
    }

    public function switchPart(): string
    {
        return $this->transistor;
    }
}

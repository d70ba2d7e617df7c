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
        #[DriverResistor('base resistor', 10.0, 1e6, '330 Ω to 1 kΩ')]
        public float $baseOhms,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('base–emitter resistor', 100.0, 1e6, '10 kΩ')]
        public ?float $baseEmitterOhms = null,
    ) {
        DriverResistor::check($this);
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

    public function sizedResistor(): string
    {
        return 'baseOhms';
    }

    public function holdResistor(): string
    {
        return 'baseEmitterOhms';
    }
}

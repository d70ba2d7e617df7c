<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Pin – gate resistor – n-channel MOSFET, the coil between its rail and the drain. */
final readonly class MosfetLowSide implements Driver
{
    use UsualDriver;

    /**
     * @param string $mosfet part id
     * @param ?float $pullDownOhms from gate to ground; null where none is fitted
     */
    public function __construct(
        public string $mosfet,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('gate resistor', 1.0, 100e3, '100 Ω')]
        public float $gateOhms,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('gate pull-down', 1e3, 10e6, '10 kΩ')]
        public ?float $pullDownOhms = null,
    ) {
        DriverResistor::check($this);
    }

    public function inherentActiveLevel(): Level
    {
        return Level::High;
    }

    public function parts(): array
    {
        return [new PartUse($this->mosfet, Mosfet::class)];
    }

    public function words(): string
    {
        return 'MOSFET';
    }

    public function canBePulsed(): bool
    {
        return true;
    }

    public function switchPart(): string
    {
        return $this->mosfet;
    }

    public function holdResistor(): string
    {
        return 'pullDownOhms';
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\PMosfet;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Pin – NPN – p-channel MOSFET: the load between the drain and ground, fed from a rail above the pin’s supply. */
final readonly class MosfetHighSide implements Driver
{
    use UsualDriver;

    /**
     * @param string $npn part id
     * @param string $mosfet part id
     * @param float $gateOhms from the NPN’s collector to the gate; with the pull-up it divides the rail
     * @param float $pullUpOhms from the gate to the rail
     */
    public function __construct(
        public string $npn,
        public string $mosfet,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('base resistor', 10.0, 1e6, '1 kΩ to 10 kΩ')]
        public float $baseOhms,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('gate resistor', 1.0, 1e6, '100 Ω, or 10 kΩ above 20 V')]
        public float $gateOhms = 100.0,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('gate pull-up', 1e3, 1e6, '10 kΩ')]
        public float $pullUpOhms = 10e3,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('base–emitter resistor', 100.0, 1e6, '10 kΩ')]
        public ?float $baseEmitterOhms = 10e3,
    ) {
        DriverResistor::check($this);
    }

    public function inherentActiveLevel(): Level
    {
        return Level::High;
    }

    public function parts(): array
    {
        return [new PartUse($this->npn, Transistor::class, false), new PartUse($this->mosfet, PMosfet::class)];
    }

    public function words(): string
    {
        return 'MOSFET, high side';
    }

    public function switchPart(): string
    {
        return $this->mosfet;
    }

    public function holdResistor(): string
    {
        return 'baseEmitterOhms';
    }
}

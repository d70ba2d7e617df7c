<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Pin – NPN – PNP: the coil between the PNP’s collector and ground, fed from a rail above the pin’s supply. */
final readonly class HighSidePair implements Driver
{
    use UsualDriver;

    /**
     * @param string $npn part id
     * @param string $pnp part id
     * @param float $couplingOhms from the NPN’s collector to the PNP’s base
     * @param float $emitterBaseOhms across the PNP’s emitter and base
     */
    public function __construct(
        public string $npn,
        public string $pnp,
        #[Measured(Unit::Ohm, above: true)]
        #[DriverResistor('base resistor', 10.0, 1e6, '1 kΩ to 10 kΩ')]
        public float $baseOhms,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('coupling resistor', 10.0, 1e6, '1 kΩ')]
        public float $couplingOhms,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('emitter–base resistor', 100.0, 1e6, '10 kΩ')]
        public float $emitterBaseOhms = 10e3,
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
        return [new PartUse($this->npn, Transistor::class, false), new PartUse($this->pnp, Transistor::class, true)];
    }

    public function words(): string
    {
        return 'high side';
    }

    public function switchPart(): string
    {
        return $this->pnp;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Pin – PNP on the pin’s supply – NPN low side: a low at the pin switches the coil on. */
final readonly class InvertingPair implements Driver
{
    use UsualDriver;

    /**
     * @param string $pnp part id; its emitter hangs on the pin’s supply
     * @param string $npn part id
     * @param float $inputOhms from the pin to the PNP’s base
     * @param float $couplingOhms from the PNP’s collector to the NPN’s base
     */
    public function __construct(
        public string $pnp,
        public string $npn,
        #[Measured(Unit::Ohm, above: true)]
        #[DriverResistor('input resistor', 10.0, 1e6, '1 kΩ to 10 kΩ')]
        public float $inputOhms,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('coupling resistor', 10.0, 1e6, '330 Ω to 1 kΩ')]
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
        return Level::Low;
    }

    public function parts(): array
    {
        return [new PartUse($this->pnp, Transistor::class, true), new PartUse($this->npn, Transistor::class, false)];
    }

    public function words(): string
    {
        return 'inverting';
    }

    public function switchPart(): string
    {
        return $this->npn;
    }
}

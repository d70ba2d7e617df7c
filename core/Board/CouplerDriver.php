<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** Pin – resistor – opto coupler – NPN low side. */
final readonly class CouplerDriver implements Driver
{
    use UsualDriver;

    /**
     * @param string $coupler part id
     * @param string $npn part id
     * @param float $ledOhms from the pin to the LED
     * @param float $couplingOhms from the phototransistor’s emitter to the NPN’s base
     * @param bool $isolates the maker counts on the coupler to keep the two sides apart
     */
    public function __construct(
        public string $coupler,
        public string $npn,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('LED resistor', 10.0, 100e3, '270 Ω to 1 kΩ')]
        public float $ledOhms,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('coupling resistor', 1.0, 1e6, '330 Ω to 1 kΩ')]
        public float $couplingOhms,
        #[Measured(Unit::Ohm)]
        #[DriverResistor('base–emitter resistor', 100.0, 1e6, '10 kΩ')]
        public ?float $baseEmitterOhms = 10e3,
        public bool $isolates = false,
    ) {
        DriverResistor::check($this);
    }

    public function inherentActiveLevel(): Level
    {
        return Level::High;
    }

    public function parts(): array
    {
        return [new PartUse($this->coupler, OptoCoupler::class), new PartUse($this->npn, Transistor::class, false)];
    }

    public function words(): string
    {
        return 'opto, NPN';
    }

    public function needsCommonGround(): bool
    {
        return false;
    }

    public function claimsIsolation(): bool
    {
        return $this->isolates;
    }

    public function withoutClaim(): self
    {
        return Copy::of($this, ['isolates' => false]);
    }

    public function switchPart(): string
    {
        return $this->npn;
    }
}

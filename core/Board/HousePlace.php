<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** A place in the house: where the board lives, a switch box, or where an appliance is wired. What nobody has said is null. */
final readonly class HousePlace
{
    /**
     * @param ?Fact<NeutralHere> $neutral whether one reaches it, and whose it is
     * @param ?Fact<int> $circuits of the installation that come into it
     * @param ?Fact<bool> $dimmer stands before it in the circuit
     * @param ?Fact<float> $breakerAmps rating of the breaker before it
     * @param ?Fact<BreakerCurve> $curve of that breaker
     * @param ?Fact<ResidualDevice> $residual the residual-current device before it
     * @param ?Fact<float> $squareMetres each fixed conductor between breaker and place, the thinnest
     * @param ?Fact<ConductorColours> $colours of the wires there
     * @param ?Fact<float> $othersAmps what else hangs on the circuit, at the most
     */
    public function __construct(
        public string $name,
        public PlaceKind $kind,
        #[FactOf(NeutralHere::class)]
        public ?Fact $neutral = null,
        #[FactOf('int')]
        public ?Fact $circuits = null,
        #[FactOf('bool')]
        public ?Fact $dimmer = null,
        #[FactOf('float'), Measured(Unit::Ampere, above: true, most: 125.0)]
        public ?Fact $breakerAmps = null,
        #[FactOf(BreakerCurve::class)]
        public ?Fact $curve = null,
        #[FactOf(ResidualDevice::class)]
        public ?Fact $residual = null,
        #[FactOf('float'), Measured(Unit::SquareMetre, above: true)]
        public ?Fact $squareMetres = null,
        #[FactOf(ConductorColours::class)]
        public ?Fact $colours = null,
        #[FactOf('float'), Measured(Unit::Ampere)]
        public ?Fact $othersAmps = null,
    ) {
        if (is_int($circuits?->value) && ($circuits->value < 1 || $circuits->value > 12)) {
            throw new \InvalidArgumentException('Between 1 and 12 circuits come into a box.');
        }
    }
}

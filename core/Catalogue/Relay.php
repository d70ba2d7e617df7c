<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** An electromechanical relay. */
final readonly class Relay implements Part
{
    /** Copper: the coil’s resistance rises by this share per kelvin. */
    public const COPPER_PER_KELVIN = 0.0039;

    /**
     * @param Spread $coilResistance ohms at 20 °C
     * @param float $operateRatio must operate at this share of the nominal voltage, at 20 °C
     * @param float $releaseRatio must release at this share of the nominal voltage
     * @param float $greatestRatio the coil bears this share of the nominal voltage at 20 °C
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt)]
        public float $coilVolts,
        #[Measured(Unit::Ohm)]
        public Spread $coilResistance,
        #[Measured(Unit::Ratio)]
        public float $operateRatio,
        #[Measured(Unit::Ratio)]
        public float $releaseRatio,
        #[Measured(Unit::Ratio)]
        public float $greatestRatio,
        #[Measured(Unit::Ampere)]
        public float $contactAcAmps,
        #[Measured(Unit::Volt)]
        public float $contactAcVolts,
        #[Measured(Unit::Ampere)]
        public float $contactDcAmps,
        #[Measured(Unit::Volt)]
        public float $contactDcVolts,
        public Insulation $insulation,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
    ) {}

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    /** Volts at which the relay must have operated, its coil at the given temperature. */
    public function operateVolts(float $coilCelsius): float
    {
        return $this->operateRatio * $this->coilVolts * (1 + self::COPPER_PER_KELVIN * ($coilCelsius - 20));
    }
}

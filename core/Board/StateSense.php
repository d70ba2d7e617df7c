<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/**
 * How a line hears whether its appliance is on, from behind the contact. By voltage: some resistors in series, a coupler with a diode the
 * other way round across its LED, a pull-up at the pin. By current: a transformer around the conductor with a resistor across it.
 */
final readonly class StateSense
{
    /**
     * @param string $function id of the input
     * @param ?string $coupler part id, where it goes by voltage
     * @param float $seriesOhms of all resistors in series together
     * @param int $resistors how many share voltage and heat
     * @param float $resistorVolts that each is made for
     * @param float $resistorWatts that each is made for
     * @param int $turns of the transformer, where it goes by current
     * @param float $burdenOhms across the transformer
     */
    public function __construct(
        public string $function,
        public ?string $coupler = null,
        #[Measured(Unit::Ohm, above: true)]
        public float $seriesOhms = 94e3,
        public int $resistors = 2,
        #[Measured(Unit::Volt, above: true)]
        public float $resistorVolts = 350.0,
        #[Measured(Unit::Watt, above: true)]
        public float $resistorWatts = 0.6,
        public int $turns = 1000,
        #[Measured(Unit::Ohm, above: true)]
        public float $burdenOhms = 100.0,
    ) {
        if ($resistors < 1 || $resistors > 10) {
            throw new \InvalidArgumentException('Between 1 and 10 resistors stand in series before a coupler. Usual are 2.');
        }
        if ($turns < 1 || $turns > 20000) {
            throw new \InvalidArgumentException('A current transformer has between 1 and 20000 turns. Usual are 1000.');
        }
    }
}

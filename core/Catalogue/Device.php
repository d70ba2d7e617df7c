<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** What takes its supply from a low-voltage rail and is no relay: a sensor, a receiver, a display, a buzzer. */
final readonly class Device implements Part
{
    /**
     * @param Spread $supply volts that it is made for
     * @param Spread $amps while it works
     * @param float $peakAmps for a moment
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt)]
        public Spread $supply,
        #[Measured(Unit::Ampere)]
        public Spread $amps,
        #[Measured(Unit::Ampere)]
        public float $peakAmps,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
    ) {
        if ($peakAmps < $amps->max) {
            throw new \InvalidArgumentException('The peak current of a device is no less than its greatest steady one.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}

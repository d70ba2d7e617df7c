<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** What takes its supply from a low-voltage rail and is no relay: a sensor, a receiver, a display, a buzzer. */
#[Heading('Sensors, displays and other devices')]
final readonly class Device implements Padded
{
    use OfItsPrice;

    /**
     * @param Spread $supply volts that it is made for
     * @param Spread $amps while it works
     * @param float $peakAmps for a moment
     * @param ?float $outputVolts high level of its output, where a regulator of its own sets it; null where it follows the supply
     * @param ?float $inputHighVolts the lowest level that its inputs read as high; null while its maker states none
     * @param ?float $inputGreatestVolts what its inputs bear; null while its maker states none
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
        #[Measured(Unit::Volt)]
        public ?float $outputVolts = null,
        #[Measured(Unit::Volt)]
        public ?float $inputHighVolts = null,
        #[Measured(Unit::Volt)]
        public ?float $inputGreatestVolts = null,
        public ?PadMap $pads = null,
    ) {
        if ($peakAmps < $amps->max) {
            throw new \InvalidArgumentException('The peak current of a device is no less than its greatest steady one.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}

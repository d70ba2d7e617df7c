<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** What is known of an I2C bus. */
final readonly class I2cFacts
{
    /**
     * @param ?float $pullUpOhms from each wire to the controller’s pin supply, all pull-ups together; null where none is fitted
     * @param Fact<float> $wireFarads capacitance of the wiring and of devices that are not on the board
     */
    public function __construct(
        #[Measured(Unit::Hertz)]
        public float $hertz,
        #[Measured(Unit::Ohm)]
        public ?float $pullUpOhms,
        #[FactOf('float'), Measured(Unit::Farad)]
        public Fact $wireFarads,
        public bool $levelShifter = false,
    ) {
        if ($hertz < 1000 || $hertz > 400e3) {
            throw new \InvalidArgumentException('An I2C bus here runs at 1 kHz to 400 kHz. Usual are 100 kHz and 400 kHz.');
        }
        if (null !== $pullUpOhms && ($pullUpOhms < 100 || $pullUpOhms > 1e6)) {
            throw new \InvalidArgumentException('An I2C pull-up lies between 100 Ω and 1 MΩ. Usual are 2.2 kΩ to 10 kΩ.');
        }
        if (is_float($wireFarads->value) && ($wireFarads->value < 0 || $wireFarads->value > 10e-9)) {
            throw new \InvalidArgumentException(
                'The capacitance of an I2C bus lies between 0 and 10 nF. Allow about 50 pF per metre of wire.',
            );
        }
    }

    public static function usual(): self
    {
        return new self(100e3, 4.7e3, Fact::assumed(50e-12, 'a few devices on short wires'));
    }
}

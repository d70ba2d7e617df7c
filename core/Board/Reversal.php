<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** What is known of a motor that runs both ways; null for what nobody has said. */
final readonly class Reversal
{
    /**
     * @param ?Fact<float> $runSeconds after which the program stops it, whatever it hears
     * @param ?Fact<bool> $endSwitches of its own stop it at both ends
     * @param ?Fact<int> $motors that hang side by side on the two relays
     */
    public function __construct(
        #[FactOf('float'), Measured(Unit::Second)]
        public ?Fact $runSeconds = null,
        #[FactOf('bool')]
        public ?Fact $endSwitches = null,
        #[FactOf('int')]
        public ?Fact $motors = null,
    ) {
        if (is_float($runSeconds?->value) && ($runSeconds->value < 0.1 || $runSeconds->value > 3600)) {
            throw new \InvalidArgumentException('A motor runs between 0.1 s and an hour. Blinds take about a minute.');
        }
        if (is_int($motors?->value) && ($motors->value < 1 || $motors->value > 20)) {
            throw new \InvalidArgumentException('Between 1 and 20 motors hang on two relays. One is what they are made for.');
        }
    }
}

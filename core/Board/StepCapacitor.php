<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** The capacitor that one step relay puts in series with the motor. */
final readonly class StepCapacitor
{
    /**
     * @param string $function id of the step relay’s output
     */
    public function __construct(
        public string $function,
        #[Measured(Unit::Farad)]
        public float $farads,
    ) {
        if ($farads < 10e-9 || $farads > 100e-6) {
            throw new \InvalidArgumentException(
                'A capacitor of a fan step has between 10 nF and 100 µF. Usual are 1 µF to 5 µF; the full-speed step has none.',
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A relay that stays as a pulse has left it, powered or not. */
final readonly class Bistable
{
    /**
     * @param int $windings 2: one closes the contact, the other opens it; 1: the same one, its current turned round
     * @param float $leastPulseSeconds that surely moves it
     * @param float $greatestPulseSeconds that its winding bears
     */
    public function __construct(
        public int $windings,
        #[Measured(Unit::Second)]
        public float $leastPulseSeconds,
        #[Measured(Unit::Second)]
        public float $greatestPulseSeconds,
    ) {
        if (1 !== $windings && 2 !== $windings) {
            throw new \InvalidArgumentException('A bistable relay has one winding or two.');
        }
        if ($leastPulseSeconds <= 0 || $greatestPulseSeconds < $leastPulseSeconds) {
            throw new \InvalidArgumentException(
                'The greatest pulse of a bistable relay is no shorter than the least, and the least is longer than nothing.',
            );
        }
    }
}

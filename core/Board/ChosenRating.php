<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** What a part was chosen to bear; null for what does not matter of it. */
final readonly class ChosenRating
{
    public function __construct(
        #[Measured(Unit::Watt, above: true)]
        public ?float $watts = null,
        #[Measured(Unit::Volt, least: 0.0, above: true)]
        public ?float $volts = null,
        #[Measured(Unit::Ampere, above: true)]
        public ?float $amps = null,
    ) {}

    /** In a unit; null where nobody has said it in that. */
    public function in(Unit $unit): ?float
    {
        return match ($unit) {
            Unit::Watt => $this->watts,
            Unit::Volt => $this->volts,
            Unit::Ampere => $this->amps,
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Catalogue\GatedPart;

/** What the gate of a MOSFET gets while it is on. */
final readonly class GateDrive
{
    /**
     * @param float $worstVolts at the corner that hurts
     * @param float $greatestVolts on the highest rail
     */
    public function __construct(
        public GatedPart $part,
        public float $typicalVolts,
        public float $worstVolts,
        public float $greatestVolts,
    ) {}

    /** Whether the MOSFET’s maker states an on-resistance at that voltage. */
    public function isSpecified(): bool
    {
        return $this->worstVolts >= $this->part->specifiedGateVolts();
    }
}

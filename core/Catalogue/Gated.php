<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** How a MOSFET answers for its gate from the voltages in its record. */
trait Gated
{
    /** K of the level-1 model in A/V², such that the stated on-resistance is met at the greatest threshold. */
    public function transconductance(): float
    {
        return 1 / ($this->onResistance * ($this->specifiedGateVolts - $this->thresholdVolts->max));
    }

    public function specifiedGateVolts(): float
    {
        return $this->specifiedGateVolts;
    }

    /**
     * @throws \InvalidArgumentException when it could not conduct at the voltage at which its on-resistance is stated
     */
    private function verifyThreshold(): void
    {
        if ($this->specifiedGateVolts <= $this->thresholdVolts->max) {
            throw new \InvalidArgumentException('An on-resistance is stated at a gate voltage above the greatest threshold.');
        }
    }
}

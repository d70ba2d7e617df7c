<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A part that switches by the voltage at its gate. */
interface GatedPart extends SwitchingPart
{
    /** The lowest gate–source voltage at which its maker states an on-resistance, volts. */
    public function specifiedGateVolts(): float;

    /** The greatest gate–source voltage that its maker permits, volts; null where the part file does not say. */
    public function greatestGateVolts(): ?float;
}

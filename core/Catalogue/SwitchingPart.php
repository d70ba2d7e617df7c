<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A part that carries a coil’s current: a transistor, a channel of an array, a bridge. */
interface SwitchingPart extends DriverPart
{
    /** The greatest current that it may carry, amperes. */
    public function ratedAmps(): float;

    /** The greatest voltage that it may block, volts. */
    public function ratedVolts(): float;
}

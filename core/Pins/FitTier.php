<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

/** How serious a reason against a pin is; no number of a later tier outweighs one of an earlier. */
enum FitTier: int
{
    case Impossible = 0;
    case Hazard = 1;
    case Scarce = 2;
}

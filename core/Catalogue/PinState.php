<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What the chip itself does to a pin before the program runs. */
enum PinState: string
{
    case Floating = 'floating';
    case PulledUp = 'pulled-up';
    case PulledDown = 'pulled-down';
    case DrivenHigh = 'driven-high';
    case DrivenLow = 'driven-low';
    /** Driven to both levels in turn, as a boot log or a flashing light does. */
    case Toggling = 'toggling';
}

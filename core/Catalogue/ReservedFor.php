<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a pin is already taken by. */
enum ReservedFor: string
{
    case Flash = 'flash';
    case Console = 'console';
    case Usb = 'usb';
    case Reset = 'reset';
    case Crystal = 'crystal';
    /** Used by the carrier itself and not led out. */
    case Carrier = 'carrier';
}

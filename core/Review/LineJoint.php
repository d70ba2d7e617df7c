<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** Which hand-off of a line a rule speaks of, named by the part that it leads to. */
enum LineJoint: string
{
    case Pin = 'pin';
    case Driver = 'driver';
    case Coil = 'coil';
    case Contact = 'contact';
    case Appliance = 'appliance';
}

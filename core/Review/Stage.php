<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** A step of the work that carries a latch. */
enum Stage: string
{
    case Lines = 'Lines';
    case Pins = 'Pins';
    case Drive = 'Drive';
    case Power = 'Power';
    case Mains = 'Mains';
    case Controls = 'Controls';
}

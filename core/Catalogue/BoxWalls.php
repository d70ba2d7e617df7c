<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What the walls of a small closed box give off: by convection and radiation, into a room. */
final class BoxWalls
{
    public const WATTS_PER_SQUARE_METRE_KELVIN = 5.5;
    public const SOURCE = '5.5 W/m²K for a small plastic box on a wall, its back not counted: common practice, from memory';
}

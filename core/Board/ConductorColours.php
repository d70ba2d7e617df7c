<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Which colours the wires at a place have. */
enum ConductorColours: string
{
    case Present = 'those of today';
    case Old = 'older ones, or mixed';
}

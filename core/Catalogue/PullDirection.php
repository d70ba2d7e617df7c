<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** Where a pull resistor pulls to. */
enum PullDirection: string
{
    case Up = 'up';
    case Down = 'down';
}

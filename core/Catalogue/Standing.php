<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** How a box stands where it is used. */
enum Standing: string
{
    case InWall = 'in a wall';
    case OnRail = 'on a rail';
    case ByItself = 'by itself';
}

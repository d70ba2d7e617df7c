<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** The edge of a carrier that a header pin stands on, the antenna or USB end up as the part file says. */
enum HeaderSide: string
{
    case Left = 'left';
    case Right = 'right';
    /** The short edge of a bare module. */
    case Bottom = 'bottom';
}

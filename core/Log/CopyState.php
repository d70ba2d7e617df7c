<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** Where a copy of a board stands in its life. */
enum CopyState: string
{
    case Building = 'building';
    case Commissioned = 'commissioned';
    case InUse = 'in use';
    case GivenAway = 'given away';
    case Retired = 'retired';
}

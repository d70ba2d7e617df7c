<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** How dirty and damp the surface between mains and low voltage becomes, by IEC 60664-1. */
enum PollutionDegree: string
{
    case Clean = '2: dry and clean, as in a living room';
    case Damp = '3: damp, dusty, or where dew is to be expected';

    public function degree(): int
    {
        return self::Clean === $this ? 2 : 3;
    }
}

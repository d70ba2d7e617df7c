<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** How high surges come, by IEC 60664-1: the nearer to the meter, the higher. */
enum OvervoltageCategory: string
{
    case Plugged = 'II: behind a plug';
    case Fixed = 'III: in the fixed installation';

    public function degree(): int
    {
        return self::Plugged === $this ? 2 : 3;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Line;
use IronLatch\Core\Review\Inspection;

/** The lines of a board that the mains feeds. */
final class OnMains
{
    /**
     * @return array<string, Line> by id
     */
    public static function lines(Inspection $inspection): array
    {
        return array_filter($inspection->board->lines, static fn(Line $line): bool => null === $inspection->board->appliance($line)->dcVolts);
    }

    public static function any(Inspection $inspection): bool
    {
        return [] !== self::lines($inspection);
    }
}

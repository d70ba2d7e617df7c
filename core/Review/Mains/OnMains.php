<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Line;
use IronLatch\Core\Review\Inspection;

/** The lines of a board that the mains feeds, or the bus in its place. */
final class OnMains
{
    /**
     * @return array<string, Line> by id
     */
    public static function lines(Inspection $inspection): array
    {
        return array_filter(
            $inspection->board->lines,
            static fn(Line $line): bool => null === $inspection->board->appliance($line)->dcVolts,
        );
    }

    public static function any(Inspection $inspection): bool
    {
        return [] !== self::lines($inspection);
    }

    /**
     * Those whose voltage can hurt: none on a bus that may be touched.
     *
     * @return array<string, Line> by id
     */
    public static function hurting(Inspection $inspection): array
    {
        return $inspection->board->system()->isHarmlessToTouch() ? [] : self::lines($inspection);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\SupplyForm;
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

    /** Whether mains runs in the box: to a line, or to a supply of the board’s own. */
    public static function any(Inspection $inspection): bool
    {
        return [] !== self::lines($inspection) || ([] !== $inspection->board->lines && self::hasSupply($inspection));
    }

    /** The same, where its voltage can hurt. */
    public static function anyHurting(Inspection $inspection): bool
    {
        return !$inspection->board->system()->isHarmlessToTouch() && self::any($inspection);
    }

    private static function hasSupply(Inspection $inspection): bool
    {
        foreach (array_keys($inspection->board->rails) as $rail) {
            if (SupplyForm::EncapsulatedModule === $inspection->board->source($rail)?->form) {
                return true;
            }
        }

        return false;
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

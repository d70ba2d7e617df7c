<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\HousePlace;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\PlaceKind;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\RuleFacts;

/** Where the wiring of the house matters: a board that hangs on fixed wiring, and the places that its maker named. */
final class InHouse
{
    /** The board’s own place; null while it is plugged in, or switches nothing that can hurt. */
    public static function box(Inspection $inspection): ?HousePlace
    {
        $isFixed = InletKind::Fixed === $inspection->board->box?->inlet?->value;

        return $isFixed && OnMains::anyHurting($inspection) ? $inspection->board->places[$inspection->board->boxPlace()] : null;
    }

    /** What nobody has said of the board’s own place, and the field that answers it. */
    public static function unsaid(RuleFacts $rule, Inspection $inspection, string $field, string $what): NotChecked
    {
        $id = $inspection->board->boxPlace();

        return new NotChecked($rule, $id, $what, Answer::by(StatePlace::class, $field, $id));
    }

    /**
     * The board’s own place, where the wiring of the house reaches it, and every other.
     *
     * @return array<string, HousePlace> by id
     */
    public static function places(Inspection $inspection): array
    {
        $box = self::box($inspection);

        return !OnMains::anyHurting($inspection) ? [] : array_filter(
            $inspection->board->places,
            static fn(HousePlace $place): bool => PlaceKind::Box !== $place->kind || null !== $box,
        );
    }
}

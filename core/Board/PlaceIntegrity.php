<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** The places of a house: the board stands at exactly one, cables end at places, and whatever stands at one stands at one that is there. */
final class PlaceIntegrity
{
    /** @throws \InvalidArgumentException with what is wrong and where */
    public static function verify(Board $board): void
    {
        $boxes = 0;
        foreach ($board->places as $id => $place) {
            Pointer::name($place->name, 'The place ' . $id);
            $boxes += PlaceKind::Box === $place->kind ? 1 : 0;
        }
        if (1 !== $boxes) {
            throw new \InvalidArgumentException('The board stands at one place, no more and no less.');
        }
        foreach ($board->houseCables as $cableId => $cable) {
            self::place($board, $cable->from, 'The cable ' . $cableId);
            self::place($board, $cable->to, 'The cable ' . $cableId);
        }
        foreach ($board->functions as $functionId => $function) {
            if (null !== $function->place) {
                self::place($board, $function->place, 'The function ' . $functionId);
            }
        }
        foreach ($board->lines as $lineId => $line) {
            if (null !== $line->place) {
                self::place($board, $line->place, 'The appliance of ' . $lineId);
            }
        }
    }

    private static function place(Board $board, string $place, string $who): void
    {
        if (!isset($board->places[$place])) {
            throw new \InvalidArgumentException(sprintf('%s is at the place “%s”, which is not on the board.', $who, $place));
        }
    }
}

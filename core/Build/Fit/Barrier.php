<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Mains\Surroundings;

/** Metres that lie between mains and all else on a board. */
final readonly class Barrier
{
    /**
     * @param float $needed what the tables ask for between mains and low voltage
     * @param float $kept what is to be kept: that, and as much as the maker has said
     * @param float $basic what the tables ask for between two conductors at mains
     */
    private function __construct(public float $needed, public float $kept, public float $basic) {}

    /**
     * The clearance always, the creepage too unless a slot lengthens that way. While it is not known how damp it is and how high surges
     * come, the worst of both is taken.
     */
    public static function of(Board $board): self
    {
        $surroundings = Surroundings::of($board);
        $isReinforced = false !== $board->box?->touchable?->value;
        $hasSlot = true === $board->build->slot?->value;
        $of = static function (bool $reinforced) use ($surroundings, $hasSlot): float {
            $wanted = $surroundings->distances($reinforced) ?? $surroundings->worstDistances($reinforced);

            return $hasSlot ? $wanted['clearance'] : max($wanted['clearance'], $wanted['creepage']);
        };
        $needed = $of($isReinforced);
        $clearance = $board->box?->clearanceMetres?->value;
        $creepage = $hasSlot ? null : $board->box?->creepageMetres?->value;

        return new self(
            $needed,
            max($needed, is_float($clearance) ? $clearance : 0.0, is_float($creepage) ? $creepage : 0.0),
            $of(false),
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Mains\StateSensing;
use IronLatch\Core\Review\Inspection;

/** What every line that hears its state gets from behind its contact. */
final class Sensing
{
    /**
     * @return array<string, StateSensing> by line
     */
    public static function all(Inspection $inspection): array
    {
        $all = [];
        foreach (OnMains::lines($inspection) as $id => $line) {
            $sensing = self::of($inspection, $line);
            if (null !== $sensing) {
                $all[$id] = $sensing;
            }
        }

        return $all;
    }

    public static function of(Inspection $inspection, Line $line): ?StateSensing
    {
        $first = array_key_first($line->actuators);

        return null === $line->sense || null === $first ? null : StateSensing::of(
            $inspection->board,
            $line,
            $line->sense,
            $inspection->mains->contacts[$first]->amps->value,
            self::pullOhms($inspection, $line->sense->function),
        );
    }

    /** What pulls an input up: a resistor that is fitted, else the least that the pin has inside; null where it has none. */
    private static function pullOhms(Inspection $inspection, string $function): ?float
    {
        $pull = $inspection->board->functions[$function]->pull;
        if (PullDirection::Up === $pull?->direction) {
            return $pull->ohms;
        }
        $pin = $inspection->seating->pins[$function] ?? null;

        return null === $pin || !$pin->chip->can(Ability::PullUp) ? null : $pin->silicon->electrics->pullUpResistance->min;
    }
}

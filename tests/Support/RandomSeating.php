<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Pins\SeatingProblem;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Seating problems that no board has: every price is drawn at random, so that no two pins are alike. */
final class RandomSeating
{
    public static function drawn(int $seed, int $functions, int $pins): SeatingProblem
    {
        $dice = new Randomizer(new Mt19937($seed));
        $cells = [];
        for ($row = 0; $row < $functions; ++$row) {
            for ($column = 0; $column < $pins; ++$column) {
                // A few pins cannot serve a function at all.
                if ($dice->getInt(0, 9) > 1) {
                    $away = $dice->getInt(0, 12);
                    $cells[$row][$column] = [$dice->getInt(0, 4) * 5, $dice->getInt(0, 9), $away, $away * $away, $dice->getInt(0, 1)];
                }
            }
        }

        return new SeatingProblem(
            array_map(static fn(int $row): string => 'F' . ($row + 1), range(0, $functions - 1)),
            array_map(static fn(int $column): string => 'P' . $column, range(0, $pins - 1)),
            array_values($cells),
        );
    }
}

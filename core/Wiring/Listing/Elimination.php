<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

/** A system of linear equations, solved by elimination with the greatest pivot of each column. */
final class Elimination
{
    /**
     * @param list<array<int, float>> $rows coefficients with the right-hand side behind them
     * @return array<int, float>
     */
    public static function solve(array $rows): array
    {
        $size = count($rows);
        for ($column = 0; $column < $size; ++$column) {
            $pivot = $column;
            for ($row = $column + 1; $row < $size; ++$row) {
                $pivot = abs($rows[$row][$column]) > abs($rows[$pivot][$column]) ? $row : $pivot;
            }
            [$rows[$column], $rows[$pivot]] = [$rows[$pivot], $rows[$column]];
            if (0.0 === $rows[$column][$column]) {
                continue;
            }
            for ($row = 0; $row < $size; ++$row) {
                $factor = $row === $column ? 0.0 : $rows[$row][$column] / $rows[$column][$column];
                for ($place = $column; 0.0 !== $factor && $place <= $size; ++$place) {
                    $rows[$row][$place] -= $factor * $rows[$column][$place];
                }
            }
        }

        return array_map(
            static fn(array $row, int $place): float => 0.0 === $row[$place] ? 0.0 : $row[$size] / $row[$place],
            $rows,
            array_keys($rows),
        );
    }
}

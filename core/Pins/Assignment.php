<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

/**
 * Gives every row a column of its own at the least total cost, by shortest augmenting paths (Jonker and Volgenant, “A shortest
 * augmenting path algorithm for dense and sparse linear assignment problems”, Computing 38, 1987; from memory).
 *
 * The second of two costs decides among all assignments that are best by the first.
 */
final class Assignment
{
    private const NOBODY = -1;

    /** @var list<int> column by row */
    public array $columns = [];
    public int $cost = 0;
    public int $secondCost = 0;
    /** @var list<int> when there is none: rows that have fewer columns between them than there are rows */
    public array $stuck = [];

    private function __construct() {}

    /**
     * @param array<int, array<int, int>> $costs of each row, counted from 0, by column; a column that is missing cannot be
     * @param array<int, array<int, int>> $secondCosts none below 0
     * @return self with no columns and stuck rows where not every row can have one
     */
    public static function least(array $costs, array $secondCosts): self
    {
        $assignment = new self();
        [$columns, $rowPrices, $columnPrices] = $assignment->match($costs);
        if (null === $columns) {
            return $assignment;
        }
        foreach ($columns as $row => $column) {
            $assignment->cost += $costs[$row][$column];
        }
        // What is best by the first cost uses tight cells only, and every column that has a price.
        $bonus = 1;
        foreach ($secondCosts as $row) {
            $bonus += [] === $row ? 0 : max($row);
        }
        $tight = [];
        foreach ($costs as $row => $cells) {
            $tight[$row] = [];
            foreach ($cells as $column => $cost) {
                if ($cost === $rowPrices[$row] + ($columnPrices[$column] ?? 0)) {
                    $tight[$row][$column] = $secondCosts[$row][$column] - (($columnPrices[$column] ?? 0) < 0 ? $bonus : 0);
                }
            }
        }
        [$columns] = $assignment->match($tight);
        foreach ($columns ?? throw new \LogicException('The best assignment was lost.') as $row => $column) {
            $assignment->secondCost += $secondCosts[$row][$column];
        }
        $assignment->columns = $columns;

        return $assignment;
    }

    /**
     * In one piece: the steps of the algorithm share their arrays.
     *
     * @param array<int, array<int, int>> $costs
     * @return array{?list<int>, list<int>, array<int, int>} columns by row, prices of rows and of columns
     */
    private function match(array $costs): array
    {
        $rowPrices = $columnPrices = $rowOf = $columnOf = $waiting = [];
        foreach ($costs as $row => $cells) {
            if ([] === $cells) {
                $this->stuck = [$row];

                return [null, [], []];
            }
            $rowPrices[$row] = min($cells);
            $columnOf[$row] = self::NOBODY;
            foreach ($cells as $column => $cost) {
                if ($cost === $rowPrices[$row] && !isset($rowOf[$column])) {
                    $rowOf[$column] = $row;
                    $columnOf[$row] = $column;
                    break;
                }
            }
            if (self::NOBODY === $columnOf[$row]) {
                $waiting[] = $row;
            }
        }
        foreach ($waiting as $start) {
            $distance = $from = $done = [];
            $row = $start;
            $reached = 0;
            while (true) {
                $offset = $reached - $rowPrices[$row];
                foreach ($costs[$row] as $column => $cost) {
                    if (isset($done[$column])) {
                        continue;
                    }
                    $way = $cost + $offset - ($columnPrices[$column] ?? 0);
                    if (!isset($distance[$column]) || $way < $distance[$column]) {
                        $distance[$column] = $way;
                        $from[$column] = $row;
                    }
                }
                $nearest = self::NOBODY;
                $reached = PHP_INT_MAX;
                foreach ($distance as $column => $way) {
                    // Of equally near ones a free column ends the search at once.
                    if ($way < $reached || ($way === $reached && isset($rowOf[$nearest]) && !isset($rowOf[$column]))) {
                        $reached = $way;
                        $nearest = $column;
                    }
                }
                if (self::NOBODY === $nearest) {
                    $this->stuck = [$start, ...array_map(static fn(int $column): int => $rowOf[$column], array_keys($done))];
                    sort($this->stuck);

                    return [null, [], []];
                }
                if (!isset($rowOf[$nearest])) {
                    break;
                }
                $done[$nearest] = $reached;
                unset($distance[$nearest]);
                $row = $rowOf[$nearest];
            }
            $rowPrices[$start] += $reached;
            foreach ($done as $passed => $length) {
                $columnPrices[$passed] = ($columnPrices[$passed] ?? 0) + $length - $reached;
                $rowPrices[$rowOf[$passed]] -= $length - $reached;
            }
            // Along the path each row hands its column on.
            $column = $nearest;
            do {
                $row = $from[$column];
                $before = $columnOf[$row];
                $columnOf[$row] = $column;
                $rowOf[$column] = $row;
                $column = $before;
            } while ($row !== $start);
        }
        ksort($columnOf);

        return [array_values($columnOf), array_values($rowPrices), $columnPrices];
    }
}

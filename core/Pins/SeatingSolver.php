<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

/**
 * Finds the best seating exactly: an assignment, and where a bus must keep to one unit or functions to the header's order,
 * branch and bound over assignments.
 *
 * As many functions as possible are seated first; then the tiers of SeatingProblem count in their order. The same problem
 * always gives the same seating.
 */
final class SeatingSolver
{
    /** @var list<int> weight of each tier in the cost that it is packed into */
    private array $weights = [];
    private int $unseatedWeight = 1;
    /** @var ?array{int, int} */
    private ?array $bestCost = null;
    /** @var list<int> column by row */
    private array $best = [];

    private function __construct(private readonly SeatingProblem $problem) {}

    public static function solve(SeatingProblem $problem): SeatingSolution
    {
        $solver = new self($problem);
        $solver->weigh();
        $solver->search($problem->cells, true);

        return $solver->solution();
    }

    /** Whether every function of the problem can be seated. */
    public static function fits(SeatingProblem $problem): bool
    {
        $solver = new self($problem);
        $solver->weights = [0, 0, 0, 0, 0];

        return [] === $problem->functions || [] !== $solver->search($problem->cells, false);
    }

    /**
     * Packs hazard, scarcity and displacement into the first cost, squares and moves into the second: no tier can outweigh the one
     * before it.
     */
    private function weigh(): void
    {
        $most = [0, 0, 0, 0, 0];
        foreach ($this->problem->cells as $cells) {
            for ($tier = 0; $tier < 5; ++$tier) {
                $column = array_column($cells, $tier);
                $most[$tier] += [] === $column ? 0 : max($column);
            }
        }
        $this->weights = [($most[1] + 1) * ($most[2] + 1), $most[2] + 1, 1, $most[4] + 1, 1];
        $this->unseatedWeight = ($most[0] + 1) * $this->weights[0];
    }

    /**
     * @param array<int, array<int, array{int, int, int, int, int}>> $cells
     * @return list<int> column by row; empty when there is none
     */
    private function search(array $cells, bool $mayStayOff): array
    {
        [$hazard, $scarcity, $displacement, $squares, $moved] = $this->weights;
        $pins = count($this->problem->pins);
        $costs = $second = [];
        foreach ($cells as $row => $of) {
            $costs[$row] = $second[$row] = [];
            foreach ($of as $column => $cell) {
                $costs[$row][$column] = $cell[0] * $hazard + $cell[1] * $scarcity + $cell[2] * $displacement;
                $second[$row][$column] = $cell[3] * $squares + $cell[4] * $moved;
            }
            if ($mayStayOff) {
                $costs[$row][$pins + $row] = $this->unseatedWeight;
                $second[$row][$pins + $row] = 0;
            }
        }
        $assignment = Assignment::least($costs, $second);
        if ([] === $assignment->columns && [] !== $cells) {
            return [];
        }
        $cost = [$assignment->cost, $assignment->secondCost];
        if (null !== $this->bestCost && $cost >= $this->bestCost) {
            return [];
        }
        $branches = $this->brokenBus($cells, $assignment->columns) ?? $this->brokenOrder($cells, $assignment->columns);
        if (null === $branches) {
            $this->bestCost = $cost;
            $this->best = $assignment->columns;

            return $assignment->columns;
        }
        $found = [];
        foreach ($branches as $branch) {
            $better = $this->search($branch, $mayStayOff);
            $found = [] === $better ? $found : $better;
        }

        return $found;
    }

    /**
     * Where the signals of a bus lie on different units, one branch for each unit.
     *
     * @param array<int, array<int, array{int, int, int, int, int}>> $cells
     * @param list<int> $columns
     * @return ?list<array<int, array<int, array{int, int, int, int, int}>>>
     */
    private function brokenBus(array $cells, array $columns): ?array
    {
        $pins = count($this->problem->pins);
        foreach ($this->problem->buses as $units) {
            $members = [];
            foreach ($units as $pinsOf) {
                $members += $pinsOf;
            }
            $seated = array_filter(array_keys($members), static fn(int $row): bool => $columns[$row] < $pins);
            $isOnOneUnit = false;
            foreach ($units as $pinsOf) {
                $isOnOneUnit = $isOnOneUnit || [] === array_filter(
                    $seated,
                    static fn(int $row): bool => !in_array($columns[$row], $pinsOf[$row] ?? [], true),
                );
            }
            if (!$isOnOneUnit) {
                $branches = [];
                foreach ($units as $pinsOf) {
                    $branch = $cells;
                    foreach (array_keys($members) as $row) {
                        $branch[$row] = array_intersect_key($cells[$row], array_flip($pinsOf[$row] ?? []));
                    }
                    $branches[] = $branch;
                }

                return $branches;
            }
        }

        return null;
    }

    /**
     * Where a function stands before one that must precede it, two branches: the one not behind the middle between them, or
     * the other behind it.
     *
     * @param array<int, array<int, array{int, int, int, int, int}>> $cells
     * @param list<int> $columns
     * @return ?list<array<int, array<int, array{int, int, int, int, int}>>>
     */
    private function brokenOrder(array $cells, array $columns): ?array
    {
        $pins = count($this->problem->pins);
        foreach ($this->problem->orders as $order) {
            $seated = array_values(array_filter($order, static fn(int $row): bool => $columns[$row] < $pins));
            for ($i = 1, $count = count($seated); $i < $count; ++$i) {
                [$first, $then] = [$seated[$i - 1], $seated[$i]];
                if ($columns[$first] < $columns[$then]) {
                    continue;
                }
                $middle = intdiv($columns[$first] + $columns[$then], 2);
                $keep = static fn(int $row, bool $behind): array => array_filter(
                    $cells[$row],
                    static fn(int $column): bool => $behind === ($column > $middle),
                    ARRAY_FILTER_USE_KEY,
                );
                // Every function before the one that is kept in front must be in front as well, and the other way round.
                [$front, $back] = [$cells, $cells];
                foreach (array_slice($order, 0, (int) array_search($first, $order, true) + 1) as $row) {
                    $front[$row] = $keep($row, false);
                }
                foreach (array_slice($order, (int) array_search($then, $order, true)) as $row) {
                    $back[$row] = $keep($row, true);
                }

                return [$front, $back];
            }
        }

        return null;
    }

    private function solution(): SeatingSolution
    {
        $pins = count($this->problem->pins);
        $seats = $unseated = [];
        $tiers = array_fill_keys(SeatingProblem::TIERS, 0);
        foreach ($this->best as $row => $column) {
            $function = $this->problem->functions[$row];
            if ($column >= $pins) {
                $unseated[] = $function;
                continue;
            }
            $seats[$function] = $this->problem->pins[$column];
            foreach (SeatingProblem::TIERS as $tier => $name) {
                $tiers[$name] += $this->problem->cells[$row][$column][$tier];
            }
        }

        return new SeatingSolution($seats, $unseated, $tiers, [] === $unseated ? [] : self::conflict($this->problem));
    }

    /**
     * Functions that cannot all be seated, while any of them left out lets the others sit.
     *
     * @return list<string>
     */
    private static function conflict(SeatingProblem $problem): array
    {
        $rows = array_keys($problem->functions);
        $stuck = Assignment::least(self::plain($problem->cells), self::plain($problem->cells))->stuck;
        $rows = [] === $stuck ? $rows : $stuck;
        foreach ($rows as $row) {
            $without = array_values(array_diff($rows, [$row]));
            if (!self::fits(self::restricted($problem, $without))) {
                $rows = $without;
            }
        }

        return array_map(static fn(int $row): string => $problem->functions[$row], $rows);
    }

    /**
     * @param array<int, array<int, array{int, int, int, int, int}>> $cells
     * @return array<int, array<int, int>>
     */
    private static function plain(array $cells): array
    {
        return array_map(static fn(array $of): array => array_fill_keys(array_keys($of), 0), $cells);
    }

    /**
     * @param list<int> $rows
     */
    private static function restricted(SeatingProblem $problem, array $rows): SeatingProblem
    {
        $new = array_flip($rows);
        $buses = [];
        foreach ($problem->buses as $units) {
            $bus = [];
            foreach ($units as $unit => $pinsOf) {
                foreach ($pinsOf as $row => $pins) {
                    if (isset($new[$row])) {
                        $bus[$unit][$new[$row]] = $pins;
                    }
                }
            }
            if ([] !== $bus) {
                $buses[] = $bus;
            }
        }

        return new SeatingProblem(
            array_map(static fn(int $row): string => $problem->functions[$row], $rows),
            $problem->pins,
            array_map(static fn(int $row): array => $problem->cells[$row], $rows),
            $buses,
            array_map(
                static fn(array $order): array => array_values(array_map(
                    static fn(int $row): int => $new[$row],
                    array_filter($order, static fn(int $row): bool => isset($new[$row])),
                )),
                $problem->orders,
            ),
        );
    }
}

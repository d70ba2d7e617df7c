<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Pins\Fitness;
use IronLatch\Core\Pins\SeatingProblem;
use IronLatch\Core\Pins\SeatingSolver;
use IronLatch\Core\Pins\StartUp;
use IronLatch\Tests\Support\IntegerProgramme;
use IronLatch\Tests\Support\RandomBoards;
use IronLatch\Tests\Support\RandomSeating;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The seating solver against GLPK’s glpsol and COIN-OR’s cbc (Debian packages), which solve the same problem as an integer programme,
 * and against trying everything. Prices are compared, tier by tier, not seats: equals may be seated either way.
 */
final class SeatingAgainstSolversTest extends TestCase
{
    /**
     * @return iterable<string, array{int}>
     */
    public static function seeds(): iterable
    {
        foreach (range(0, 43) as $seed) {
            yield 'board ' . $seed => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testEveryTierIsAsGoodAsGlpkFindsIt(int $seed): void
    {
        $problem = self::problem(RandomBoards::drawn($seed));
        $solution = SeatingSolver::solve($problem);
        self::assertSame(IntegerProgramme::bestTiers($problem), [count($solution->unseated), ...array_values($solution->tiers)]);
        self::assertSame([] === $solution->unseated, [] === $solution->conflict);
        self::assertCount(count($solution->seats), array_unique($solution->seats));
    }

    /** Prices drawn at random, so that no two pins are alike and nothing is decided at a glance; cbc is a second opinion. */
    #[TestWith([1, 12, 18])]
    #[TestWith([2, 24, 24])]
    #[TestWith([3, 30, 26])]
    #[TestWith([4, 36, 44])]
    public function testEveryTierIsAsGoodAsCbcFindsIt(int $seed, int $functions, int $pins): void
    {
        $problem = RandomSeating::drawn($seed, $functions, $pins);
        $solution = SeatingSolver::solve($problem);
        self::assertSame(
            IntegerProgramme::bestTiers($problem, 'cbc'),
            [count($solution->unseated), ...array_values($solution->tiers)],
        );
        self::assertCount(max(0, $functions - $pins), $solution->unseated);
    }

    public function testEveryTierIsAsGoodAsTryingEverything(): void
    {
        foreach (range(100, 139) as $seed) {
            $problem = self::problem(RandomBoards::drawn($seed, 'esp8266-carrier-16', 5));
            if (count($problem->functions) > 6) {
                continue;
            }
            $solution = SeatingSolver::solve($problem);
            self::assertSame(self::bestOfAll($problem), [count($solution->unseated), ...array_values($solution->tiers)], 'seed ' . $seed);
        }
    }

    public function testAConflictIsSmallestThatItCanBe(): void
    {
        $conflicts = 0;
        foreach (range(0, 43) as $seed) {
            $problem = self::problem(RandomBoards::drawn($seed));
            $conflict = SeatingSolver::solve($problem)->conflict;
            if ([] === $conflict) {
                continue;
            }
            ++$conflicts;
            self::assertFalse(SeatingSolver::fits(self::only($problem, $conflict)), 'seed ' . $seed);
            foreach ($conflict as $one) {
                self::assertTrue(
                    SeatingSolver::fits(self::only($problem, array_values(array_diff($conflict, [$one])))),
                    'seed ' . $seed . ' without ' . $one,
                );
            }
        }
        self::assertGreaterThan(5, $conflicts);
    }

    private static function problem(Board $board): SeatingProblem
    {
        return SeatingProblem::of($board, new Fitness($board, new StartUp($board)));
    }

    /**
     * The problem with some of its functions only.
     *
     * @param list<string> $functions
     */
    private static function only(SeatingProblem $problem, array $functions): SeatingProblem
    {
        $new = [];
        foreach ($problem->functions as $row => $id) {
            if (in_array($id, $functions, true)) {
                $new[$row] = count($new);
            }
        }
        $buses = [];
        foreach ($problem->buses as $units) {
            $bus = [];
            foreach ($units as $unit => $pinsOf) {
                foreach (array_intersect_key($pinsOf, $new) as $row => $pins) {
                    $bus[$unit][$new[$row]] = $pins;
                }
            }
            $buses[] = $bus;
        }

        return new SeatingProblem(
            array_values(array_intersect_key($problem->functions, $new)),
            $problem->pins,
            array_values(array_intersect_key($problem->cells, $new)),
            array_values(array_filter($buses, static fn(array $bus): bool => [] !== $bus)),
            array_map(
                static fn(array $order): array => array_values(array_intersect_key($new, array_flip($order)) === [] ? [] : array_map(
                    static fn(int $row): int => $new[$row],
                    array_filter($order, static fn(int $row): bool => isset($new[$row])),
                )),
                $problem->orders,
            ),
        );
    }

    /**
     * The best of every seating there is from a row on.
     *
     * @param array<int, int> $columns of the rows before
     * @param list<int> $price so far: unseated, then the tiers
     * @param ?list<int> $best so far
     * @return ?list<int>
     */
    private static function bestOfAll(
        SeatingProblem $problem,
        int $row = 0,
        array $columns = [],
        array $price = [0, 0, 0, 0, 0, 0],
        ?array $best = null,
    ): ?array {
        if (null !== $best && $price[0] > $best[0]) {
            return $best;
        }
        if ($row === count($problem->functions)) {
            return (null === $best || $price < $best) && self::keepsGroups($problem, $columns) ? $price : $best;
        }
        foreach ($problem->cells[$row] as $column => $cell) {
            if (!in_array($column, $columns, true)) {
                $next = [$price[0]];
                foreach ($cell as $tier => $value) {
                    $next[] = $price[$tier + 1] + $value;
                }
                $best = self::bestOfAll($problem, $row + 1, $columns + [$row => $column], $next, $best);
            }
        }

        return self::bestOfAll($problem, $row + 1, $columns, [$price[0] + 1, ...array_slice($price, 1)], $best);
    }

    /**
     * @param array<int, int> $columns by row; rows that are missing have no pin
     */
    private static function keepsGroups(SeatingProblem $problem, array $columns): bool
    {
        foreach ($problem->orders as $order) {
            $places = array_values(array_map(
                static fn(int $row): int => $columns[$row],
                array_filter($order, static fn(int $row): bool => isset($columns[$row])),
            ));
            $sorted = $places;
            sort($sorted);
            if ($places !== $sorted) {
                return false;
            }
        }
        foreach ($problem->buses as $units) {
            $members = [];
            foreach ($units as $pinsOf) {
                $members += $pinsOf;
            }
            $possible = array_filter($units, static function (array $pinsOf) use ($members, $columns): bool {
                foreach (array_keys($members) as $row) {
                    if (isset($columns[$row]) && !in_array($columns[$row], $pinsOf[$row] ?? [], true)) {
                        return false;
                    }
                }

                return true;
            });
            if ([] === $possible) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Pins\SeatingProblem;
use Symfony\Component\Process\Process;

/**
 * Writes a seating problem as an integer programme and has it solved, tier by tier, by GLPK’s glpsol or by COIN-OR’s cbc (Debian packages
 * glpk-utils and coinor-cbc).
 */
final class IntegerProgramme
{
    /**
     * The best price of each tier, each at its least while the ones before it keep theirs; unseated functions come first.
     *
     * @return list<int> unseated, then the tiers of SeatingProblem
     */
    public static function bestTiers(SeatingProblem $problem, string $solver = 'glpsol'): array
    {
        $values = [];
        for ($tier = -1; $tier < count(SeatingProblem::TIERS); ++$tier) {
            $values[] = self::least($problem, $tier, $values, $solver);
        }

        return $values;
    }

    /**
     * @param list<int> $kept best values of the tiers before
     */
    private static function least(SeatingProblem $problem, int $tier, array $kept, string $solver): int
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'seat');
        file_put_contents($file . '.lp', self::write($problem, $tier, $kept));
        // Of a mixed integer solution glpsol says "s mip ROWS COLUMNS STATUS VALUE", status o for optimal; cbc says it in words.
        [$asked, $value] = match ($solver) {
            'cbc' => [['cbc', "$file.lp", 'solve', 'solution', "$file.out"], '/^Optimal - objective value (\S+)/m'],
            default => [['glpsol', '--lp', "$file.lp", '--cuts', '--write', "$file.out"], '/^s mip \d+ \d+ o (\S+)/m'],
        };
        $process = new Process($asked);
        $process->setTimeout(120);
        $process->mustRun();
        $output = (string) file_get_contents($file . '.out');
        array_map(unlink(...), [$file, "$file.lp", "$file.out"]);
        if (1 !== preg_match($value, $output, $match)) {
            throw new \RuntimeException($solver . ' found no optimum: ' . $process->getOutput());
        }

        return (int) round((float) $match[1]);
    }

    /**
     * @param list<int> $kept
     */
    private static function write(SeatingProblem $problem, int $tier, array $kept): string
    {
        $objective = static fn(int $of): array => self::terms($problem, $of);
        $lines = ['Minimize', ' price: ' . self::sum($objective($tier)), 'Subject To'];
        foreach ($kept as $before => $value) {
            $lines[] = sprintf(' keep%d: %s <= %d', $before, self::sum($objective($before - 1)), $value);
        }
        $binaries = $columns = [];
        foreach ($problem->cells as $row => $cells) {
            $terms = ["y$row"];
            $binaries[] = "y$row";
            foreach (array_keys($cells) as $column) {
                $terms[] = $binaries[] = "x{$row}_$column";
                $columns[$column][] = "x{$row}_$column";
            }
            $lines[] = " row$row: " . implode(' + ', $terms) . ' = 1';
        }
        foreach ($columns as $column => $terms) {
            $lines[] = " column$column: " . implode(' + ', $terms) . ' <= 1';
        }
        foreach ($problem->buses as $bus => $units) {
            $names = [];
            $members = [];
            foreach (array_values($units) as $unit => $pinsOf) {
                $names[] = $binaries[] = "u{$bus}_$unit";
                foreach ($pinsOf as $row => $pins) {
                    $members[$row] = true;
                }
            }
            $lines[] = " bus$bus: " . implode(' + ', $names) . ' = 1';
            foreach (array_keys($members) as $row) {
                foreach (array_values($units) as $unit => $pinsOf) {
                    // On this unit the function may use its pins there and no others.
                    $outside = array_diff(array_keys($problem->cells[$row]), $pinsOf[$row] ?? []);
                    foreach ($outside as $column) {
                        $lines[] = " unit{$bus}_{$unit}_{$row}_$column: x{$row}_$column + u{$bus}_$unit <= 1";
                    }
                }
            }
        }
        foreach ($problem->orders as $number => $order) {
            for ($i = 0; $i < count($order); ++$i) {
                for ($j = $i + 1; $j < count($order); ++$j) {
                    [$first, $then] = [$order[$i], $order[$j]];
                    // Whoever stands up to some place has the other strictly before it, or the other has no pin.
                    foreach (array_keys($problem->cells[$then]) as $place) {
                        $upTo = array_filter(array_keys($problem->cells[$then]), static fn(int $column): bool => $column <= $place);
                        $before = array_filter(array_keys($problem->cells[$first]), static fn(int $column): bool => $column < $place);
                        $lines[] = " order{$number}_{$i}_{$j}_$place: " . implode(
                            ' + ',
                            array_map(static fn(int $column): string => "x{$then}_$column", $upTo),
                        ) . implode(
                            '',
                            array_map(static fn(int $column): string => " - x{$first}_$column", $before),
                        ) . " - y$first <= 0";
                    }
                }
            }
        }

        return implode(
            "\n",
            [...$lines, 'Binary', ...array_map(static fn(string $name): string => ' ' . $name, array_unique($binaries)), 'End', ''],
        );
    }

    /**
     * @return list<string>
     */
    private static function terms(SeatingProblem $problem, int $tier): array
    {
        $terms = [];
        foreach ($problem->cells as $row => $cells) {
            if ($tier < 0) {
                $terms[] = "y$row";
                continue;
            }
            foreach ($cells as $column => $cell) {
                if ($cell[$tier] > 0) {
                    $terms[] = $cell[$tier] . " x{$row}_$column";
                }
            }
        }

        return [] === $terms ? ['0 y0'] : $terms;
    }

    /**
     * @param list<string> $terms
     */
    private static function sum(array $terms): string
    {
        return implode(' + ', $terms);
    }
}

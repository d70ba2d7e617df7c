<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Build\Fit\Rect;
use IronLatch\Core\Build\Fit\Zone;
use Symfony\Component\Process\Process;

/**
 * Whether parts fit a box on two sides of one straight barrier, written as an integer programme and decided by COIN-OR’s cbc (Debian
 * package coinor-cbc): the same question that the Placer is asked, without its way of looking.
 */
final class PlacementProgramme
{
    public static function isFeasible(BoxPlan $plan): bool
    {
        $space = $plan->space ?? throw new \LogicException('There is no box.');

        return self::decided($plan, $space->length, $space->width) || self::decided($plan, $space->width, $space->length);
    }

    private static function decided(BoxPlan $plan, float $length, float $width): bool
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'fit');
        file_put_contents($file . '.lp', self::write(array_values($plan->parts), 1000 * $length, 1000 * $width, 1000 * $plan->apart));
        $process = new Process(['cbc', $file . '.lp', 'sec', '60', 'solve', 'solution', $file . '.out']);
        $process->setTimeout(120);
        $process->mustRun();
        $output = (string) file_get_contents($file . '.out');
        array_map(unlink(...), [$file, $file . '.lp', $file . '.out']);
        if (1 !== preg_match('/^(Optimal|Infeasible|Integer infeasible)/', $output, $match)) {
            throw new \RuntimeException('cbc came to no end: ' . mb_substr($output, 0, 200));
        }

        return 'Optimal' === $match[1];
    }

    /**
     * @param list<Outline> $parts
     * @param float $length, $width, $apart in millimetres
     */
    private static function write(array $parts, float $length, float $width, float $apart): string
    {
        $big = $length + $width;
        $rows = [];
        $binaries = [];
        foreach ($parts as $i => $part) {
            [$long, $wide] = [1000 * $part->reach(), 1000 * $part->width];
            // r: turned by a right angle. w, h: what it takes up.
            $binaries[] = "r$i";
            $rows[] = Zone::Across === $part->zone ? "r$i = 0" : "r$i <= 1";
            $rows[] = sprintf('w%d + %.4F r%1$d = %.4F', $i, $long - $wide, $long);
            $rows[] = sprintf('h%d + %.4F r%1$d = %.4F', $i, $wide - $long, $wide);
            $rows[] = sprintf('x%d + w%1$d <= %.4F', $i, $length);
            $rows[] = sprintf('y%d + h%1$d <= %.4F', $i, $width);
            if (Zone::Mains === $part->zone) {
                $rows[] = "x$i + w$i - b <= 0";
            } elseif (Zone::Low === $part->zone) {
                $rows[] = sprintf('x%d - b >= %.4F', $i, $apart);
            } else {
                $rows[] = sprintf('x%d - b <= %.4F', $i, -1000 * self::around($part->mains)->right);
                $rows[] = sprintf('x%d - b >= %.4F', $i, $apart - 1000 * self::around($part->low)->left);
            }
            for ($j = 0; $j < $i; ++$j) {
                $sides = ["p{$i}_$j", "q{$i}_$j", "s{$i}_$j", "t{$i}_$j"];
                array_push($binaries, ...$sides);
                $rows[] = implode(' + ', $sides) . ' >= 1';
                $ways = ["x$i + w$i - x$j", "x$j + w$j - x$i", "y$i + h$i - y$j", "y$j + h$j - y$i"];
                foreach (array_combine($sides, $ways) as $side => $one) {
                    $rows[] = sprintf('%s + %.4F %s <= %2$.4F', $one, $big, $side);
                }
            }
        }

        return "Minimize\n cost: b\nSubject To\n" . implode('', array_map(
            static fn(string $row, int $number): string => " c$number: $row\n",
            $rows,
            array_keys($rows),
        )) . sprintf("Bounds\n %.4F <= b <= %.4F\nBinaries\n %s\nEnd\n", -$apart, $length, implode(' ', $binaries));
    }

    /**
     * @param list<Rect> $metals
     */
    private static function around(array $metals): Rect
    {
        return [] === $metals ? throw new \LogicException('It does not lie across the barrier.') : Rect::around($metals);
    }
}

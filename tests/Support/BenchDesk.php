<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Review\Inspection;

/** Runs boards on the bench for tests, and reads off what they did and when. */
final class BenchDesk
{
    public static function demo(string $name): Board
    {
        return BoardJson::read((string) file_get_contents(dirname(__DIR__, 2) . "/demo/$name.json"));
    }

    /**
     * @param list<array{0: float, 1: string, 2?: string, 3?: string, 4?: float}> $deeds at, do, what, value, for
     * @param array<string, string> $overrides
     */
    public static function run(
        Board $board,
        array $deeds,
        float $until,
        Corner $corner = Corner::Typical,
        int $seed = 1,
        array $overrides = [],
        int $clock = 480,
    ): Course {
        return Course::of(new Inspection($board, TestBoards::catalogue()), new BenchScript(
            array_map(static fn(array $one): Deed => new Deed(
                $one[0],
                DeedKind::from($one[1]),
                $one[2] ?? '',
                $one[3] ?? '',
                $one[4] ?? null,
            ), $deeds),
            $until,
            $corner,
            $seed,
            $clock,
            $overrides,
        ));
    }

    /**
     * What became of one subject: “10035 1” for the value 1 at 10035 ms, in whole milliseconds.
     *
     * @return list<string>
     */
    public static function course(Course $course, Happens $kind, string $subject, float $from = 0.0): array
    {
        return array_values(array_map(
            static fn(Happening $one): string => sprintf('%d %s', intdiv($one->micros, 1000), $one->value),
            array_filter($course->all($kind, $subject), static fn(Happening $one): bool => $one->micros >= $from * 1e6),
        ));
    }

    /** The moment at which the program last began to run, in ms. */
    public static function programRuns(Course $course): int
    {
        $all = $course->all(Happens::Runs);

        return intdiv($all[count($all) - 1]->micros, 1000);
    }

    /** Whether an appliance runs at the end. */
    public static function runs(Course $course, string $line): int
    {
        return $course->scene->running[$line] ?? 0;
    }
}

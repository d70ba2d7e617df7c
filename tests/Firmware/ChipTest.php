<?php

declare(strict_types=1);

namespace IronLatch\Tests\Firmware;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\ChipBoards;
use IronLatch\Tests\Support\ChipBuild;
use IronLatch\Tests\Support\ChipCourse;
use IronLatch\Tests\Support\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The program, built by avr-gcc with avr-libc and run in simavr, does what the bench does: the same outputs in the same order, within
 * 5 ms; what a thermometer leads to, within the second in which it is read.
 */
final class ChipTest extends TestCase
{
    private const WITHIN_MICROS = 5_000;
    private const SENSOR_MICROS = 1_300_000;

    /**
     * @return iterable<string, array{\Closure(): Board, int}>
     */
    public static function scripts(): iterable
    {
        foreach (ChipBoards::all() as $name => $board) {
            for ($seed = 1; $seed <= Sample::size(5, 12); ++$seed) {
                yield "$name, script $seed" => [$board, $seed];
            }
        }
    }

    /**
     * @param \Closure(): Board $board
     */
    #[DataProvider('scripts')]
    public function testTheChipDoesWhatTheBenchDoes(\Closure $board, int $seed): void
    {
        $board = $board();
        $course = new ChipCourse($board, self::random($board, $seed));
        $said = ChipBuild::run(ChipBuild::elf(ChipBuild::header($board)), $course->script());
        $expected = $course->expected();
        $done = $course->done_($said);
        $plain = static fn(array $levels): array => array_map(static fn(array $one): string => $one[1] . ' ' . $one[2], $levels);
        self::assertSame($plain(self::byPin($expected)), $plain(self::byPin($done)));
        $hasSensor = [] !== $course->course->facts->plan->sensors;
        foreach (self::byPin($expected) as $place => [$micros, $pin, $level]) {
            self::assertEqualsWithDelta(
                $micros,
                self::byPin($done)[$place][0],
                $hasSensor ? self::SENSOR_MICROS : self::WITHIN_MICROS,
                sprintf('%s %s of script %d', $pin, $level, $seed),
            );
        }
    }

    /**
     * @param list<array{int, string, string}> $levels
     * @return list<array{int, string, string}>
     */
    private static function byPin(array $levels): array
    {
        usort($levels, static fn(array $a, array $b): int => [intdiv($a[0], 2_000_000), $a[1], $a[0]] <=> [intdiv($b[0], 2_000_000), $b[1], $b[0]]);

        return $levels;
    }

    /** Acts on every surface that is there, and power that goes and comes. */
    private static function random(Board $board, int $seed): BenchScript
    {
        mt_srand($seed);
        $deeds = [];
        $at = 3.0;
        $entries = array_values((new Inspection($board))->controls->entries);
        for ($number = 0; $number < 14; ++$number) {
            $at += [0.37, 0.9, 1.7, 3.3, 7.1][mt_rand(0, 4)];
            $entry = $entries[mt_rand(0, count($entries) - 1)];
            if (0 === mt_rand(0, 9)) {
                $deeds[] = new Deed($at, DeedKind::CutMains);
                $at += [0.4, 2.0, 9.0][mt_rand(0, 2)];
                $deeds[] = new Deed($at, DeedKind::MainsBack);
                $at += 2.5;
                continue;
            }
            $deeds[] = match (true) {
                SurfaceKind::SensorRule === $entry->kind => new Deed($at, DeedKind::Sensor, $entry->surface, (string) (mt_rand(16 * 16, 26 * 16) / 16)),
                $entry->kind->isRemote() => new Deed($at, DeedKind::Say, $entry->surface, ['on', 'off'][mt_rand(0, 1)]),
                default => new Deed($at, DeedKind::Press, $entry->surface, '', [0.12, 0.2, 0.6][mt_rand(0, 2)]),
            };
            if (SurfaceKind::SensorRule === $entry->kind) {
                $at += 3.0;
            }
        }

        return new BenchScript($deeds, $at + 10.0, Corner::Typical, $seed);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Firmware;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\ChipBoards;
use IronLatch\Tests\Support\ChipBuild;
use IronLatch\Tests\Support\ChipCourse;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The program, built by avr-gcc with avr-libc and run in simavr, does what the bench does: the same outputs in the same order, within
 * 5 ms; what a thermometer leads to, within the second in which it is read; a knob, within the stated rest of a contact.
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
            for ($seed = 1; $seed <= Sample::size(3, 12); ++$seed) {
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
        $done = $course->levels(ChipBuild::run(ChipBuild::elf(ChipBuild::header($board)), $course->script()));
        $expected = $course->expected();
        self::assertSame(array_keys($expected), array_keys($done));
        // Within 5 ms each: what lies further apart comes in the same order.
        $plan = $course->course->facts->plan;
        $within = match (true) {
            [] !== $plan->sensors => self::SENSOR_MICROS,
            [] !== $plan->selectors => $plan->debounceMicros,
            default => self::WITHIN_MICROS,
        };
        foreach ($expected as $pin => $levels) {
            self::assertSame(array_column($levels, 1), array_column($done[$pin], 1), $pin);
            foreach ($levels as $place => [$micros, $level]) {
                self::assertEqualsWithDelta($micros, $done[$pin][$place][0], $within, sprintf('%s %s of script %d', $pin, $level, $seed));
            }
        }
    }

    /** Whatever the tables say is idle, that is the first level that an output has, and it has it before it drives. */
    public function testNoOutputIsActiveBeforeItIsIdle(): void
    {
        foreach (ChipBoards::all() as $name => $board) {
            $board = $board();
            $course = new ChipCourse($board, new BenchScript([], 3.0));
            $levels = $course->levels(ChipBuild::run(ChipBuild::elf(ChipBuild::header($board)), $course->script()));
            foreach ($board->actuators() as $id => $actuator) {
                $idle = Level::Low === $actuator->activeLevel->value ? '1' : '0';
                self::assertSame($idle, $levels[$course->pin($actuator->function)][0][1] ?? null, "$name, $id");
            }
        }
    }

    /** A loop that hangs with a relay on: the watchdog takes it off, and what comes back does so as it was stated. */
    public function testAHungLoopIsReset(): void
    {
        $board = ChipBoards::all()['restored']();
        $inspection = new Inspection($board);
        $pin = static fn(string $line): string => substr(
            $inspection->seating->pins[array_values($board->lines[$line]->actuators)[0]->function]->name(),
            1,
        );
        $button = substr($inspection->seating->pins[$board->lines['L3']->surfaces['S3']->function]->name(), 1);
        $said = ChipBuild::run(ChipBuild::elf(ChipBuild::header($board)), [
            "0 pin $button 1", '0 power 1', "2000000 pin $button 0", "2200000 pin $button 1", '4000000 hang', '9000000 end',
        ]);
        $of = static fn(string $line): array => array_values(array_filter(
            $said,
            static fn(string $one): bool => str_contains($one, ' ' . $pin($line) . ' '),
        ));
        // On by its button; let go by the reset, 2 s after the last pass; idle from then on, for it stays off.
        self::assertSame(['0', '1', 'z', '0'], array_map(static fn(string $one): string => explode(' ', $one)[2], $of('L3')));
        self::assertEqualsWithDelta(6_000_000, (int) explode(' ', $of('L3')[2])[0], 250_000);
        // What goes on whenever power comes does so after a reset too.
        self::assertSame('1', explode(' ', $of('L2')[count($of('L2')) - 1])[2]);
    }

    /** Whatever reset it was, and however often: what must never start by itself stays off; the third in ten minutes keeps all off. */
    public function testWhatMustNotStartStaysOffAfterEveryReset(): void
    {
        $board = TestBoards::edited(ChipBoards::all()['restored'](), new StateSafety(['L4'], mustNotStart: true));
        $pin = substr((new Inspection($board))->seating->pins[array_values($board->lines['L4']->actuators)[0]->function]->name(), 1);
        $other = substr((new Inspection($board))->seating->pins[array_values($board->lines['L2']->actuators)[0]->function]->name(), 1);
        foreach (['watchdog', 'brown-out', 'button', 'power'] as $kind) {
            $script = ['0 power 1'];
            $at = 1_000_000;
            for ($number = 0; $number < 100; ++$number) {
                $at += 700_000;
                array_push($script, ...('power' === $kind ? [$at . ' power 0', ($at + 50_000) . ' power 1'] : [$at . ' reset ' . $kind]));
            }
            $script[] = ($at + 1_000_000) . ' end';
            $said = ChipBuild::run(ChipBuild::elf(ChipBuild::header($board)), $script);
            $levels = static fn(string $of): array => array_count_values(array_map(
                static fn(string $line): string => explode(' ', $line)[2],
                array_filter($said, static fn(string $line): bool => str_contains($line, " $of ")),
            ));
            self::assertSame(['0' => 101, 'z' => 100], array_intersect_key($levels($pin), ['0' => 0, '1' => 0, 'z' => 0]), $kind);
            // The first start and two more bring the other one back; from the third reset on everything stays off.
            $starts = array_filter($said, static fn(string $line): bool => str_ends_with($line, " $other 1"));
            self::assertCount('power' === $kind ? 101 : 3, $starts, $kind);
        }
    }

    /** Acts on every surface that is there, and power that goes and comes. */
    private static function random(Board $board, int $seed): BenchScript
    {
        mt_srand($seed);
        $deeds = [];
        $at = 3.0;
        $knob = 0;
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
                SurfaceKind::SensorRule === $entry->kind => new Deed($at, DeedKind::Sensor, $entry->surface, self::reading($board, $entry)),
                $entry->kind->isRemote() => new Deed($at, DeedKind::Say, $entry->surface, ['on', 'off'][mt_rand(0, 1)]),
                // Always to another position: one that it has already is no movement.
                SurfaceKind::Knob === $entry->kind => new Deed(
                    $at,
                    DeedKind::Turn,
                    $entry->surface,
                    (string) ($knob = ($knob + mt_rand(1, 2)) % 3),
                ),
                default => new Deed($at, DeedKind::Press, $entry->surface, '', [0.12, 0.2, 0.6][mt_rand(0, 2)]),
            };
            if (SurfaceKind::SensorRule === $entry->kind) {
                $at += 3.0;
            }
        }

        return new BenchScript($deeds, $at + 10.0, Corner::Typical, $seed);
    }

    /** Something that the sensor of a surface may say. */
    private static function reading(Board $board, Entry $entry): string
    {
        $surface = $board->lines[$entry->line]->surfaces[$entry->surface];
        if (FunctionKind::OneWireSensor === $board->functions[$surface->function]->kind && 0 === mt_rand(0, 7)) {
            return '';
        }

        return match ($surface->rule?->sensed) {
            Sensed::Event => ['yes', 'no'][mt_rand(0, 1)],
            Sensed::Humidity, Sensed::Light => (string) (mt_rand(200, 700) / 10),
            default => (string) (mt_rand(16 * 16, 26 * 16) / 16),
        };
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Bench;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\DeedWords;
use IronLatch\Core\Bench\Pace;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use PHPUnit\Framework\TestCase;

/** Time on the bench goes on in steps, and a run that went on is the same run as one that was made at once. */
final class PaceTest extends TestCase
{
    private static function pressed(float $until): Course
    {
        return Course::of(
            new Inspection(BenchDesk::demo('utility-room')),
            new BenchScript([new Deed(20.0, DeedKind::Press, 'S9', '', 0.3)], $until),
        );
    }

    public function testAStepIsAsLongAsItSays(): void
    {
        foreach ([
            [Pace::Millisecond, 1_000], [Pace::TenMilliseconds, 10_000], [Pace::Second, 1_000_000], [Pace::Minute, 60_000_000],
        ] as [$pace, $micros]) {
            $course = self::pressed(20.0)->on($pace);
            self::assertSame(20 * Micros::SECOND + $micros, $course->scene->now);
            self::assertSame(Micros::seconds($course->scene->now), $course->script->until);
        }
    }

    public function testTheNextEventIsTheNextThingThatIsTold(): void
    {
        // The contact bounces after 2.5 and 5 ms, and the program has rested it 30 ms later.
        $course = self::pressed(20.0);
        foreach ([20.0025, 20.005, 20.035] as $seconds) {
            self::assertEqualsWithDelta($seconds, $course->nextSeconds(), 1e-9);
            $course = $course->on(Pace::NextEvent);
            self::assertSame($seconds, $course->script->until);
        }
        // Long after, nothing comes any more, and time stands.
        $late = self::pressed(100.0);
        self::assertNull($late->nextSeconds());
        self::assertSame(100.0, $late->on(Pace::NextEvent)->script->until);
    }

    public function testUntilQuietStopsAtTheLastThing(): void
    {
        // The last that hears of it is the assistant, a second after its neighbours; the state is kept 5 s after the press, which is later.
        $course = self::pressed(20.0)->on(Pace::UntilQuiet);
        self::assertSame(21_135_000, $course->scene->now);
        self::assertSame(25.035, $course->nextSeconds());
        self::assertSame($course->scene->now, $course->on(Pace::UntilQuiet)->scene->now, 'Quiet stays quiet.');
    }

    public function testGoneOnInStepsItIsTheSameRun(): void
    {
        $steps = self::pressed(19.9);
        foreach ([Pace::Second, Pace::Millisecond, Pace::NextEvent, Pace::UntilQuiet, Pace::TenMilliseconds] as $pace) {
            $steps = $steps->on($pace);
        }
        $once = self::pressed($steps->script->until);
        self::assertEquals($once->happenings, $steps->happenings);
        self::assertSame($once->scene->states(), $steps->scene->states());
    }

    public function testWhatIsDoneIsSaidWithTheNamesOfTheBoard(): void
    {
        $inspection = new Inspection(BenchDesk::demo('utility-room'));
        $words = new DeedWords($inspection->board, $inspection->controls);
        foreach ([
            'Press push button of “Worktop lamp”, held for 3 s.' => new Deed(0, DeedKind::Press, 'S9', '', 3.0),
            'Ask by “House broker” of “Worktop lamp”: on.' => new Deed(0, DeedKind::Say, 'S19', 'on'),
            'The program is told: “Worktop lamp” off.' => new Deed(0, DeedKind::Command, 'L5', 'off'),
            'Cut radio.' => new Deed(0, DeedKind::Outage, 'radio'),
            'Put radio back.' => new Deed(0, DeedKind::Back, 'radio'),
            'The contact of “Worktop lamp” welds.' => new Deed(0, DeedKind::Weld, 'A5'),
            'The next message on “House broker” will be lost.' => new Deed(0, DeedKind::Lose, 'C1'),
            'Ask by “House broker” of “Laundry”: off.' => new Deed(0, DeedKind::Say, 'K2@C1', 'off'),
            'Cut mains.' => new Deed(0, DeedKind::CutMains),
            'The program hangs.' => new Deed(0, DeedKind::Hang),
        ] as $sentence => $deed) {
            self::assertSame($sentence, $words->of($deed));
        }
    }
}

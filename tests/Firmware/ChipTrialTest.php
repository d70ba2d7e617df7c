<?php

declare(strict_types=1);

namespace IronLatch\Tests\Firmware;

use IronLatch\Core\Bench\TrialCell;
use IronLatch\Core\Bench\TrialPlan;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\SensorRule;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\CellScript;
use IronLatch\Tests\Support\ChipBuild;
use IronLatch\Tests\Support\ChipCourse;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * “Fermentation” runs its whole trial on the simulated chip, its thermometer answered on the wire. What rests for five minutes
 * rests for four seconds here, but in one cell.
 */
final class ChipTrialTest extends TestCase
{
    private const SHORT_SECONDS = 4.0;
    /** A thermometer is read once in a second. */
    private const LATER_SECONDS = 2.5;

    private static function short(): Board
    {
        $board = BenchDesk::demo('fermentation');
        $rule = $board->lines['L2']->surfaces['S2']->rule;
        self::assertInstanceOf(SensorRule::class, $rule);

        return TestBoards::edited(
            $board,
            new StateSafety(['L2'], restSeconds: self::SHORT_SECONDS),
            new StateSensorRule(
                'S2',
                $rule->sensed,
                $rule->onCelsius,
                $rule->offCelsius,
                leastOnSeconds: self::SHORT_SECONDS,
                leastOffSeconds: self::SHORT_SECONDS,
                whenLost: $rule->whenLost,
            ),
        );
    }

    /**
     * @return list<TrialCell>
     */
    private static function cells(Board $board): array
    {
        return TrialPlan::of($board, (new Inspection($board))->controls)[0];
    }

    /**
     * @return iterable<string, array{\Closure(): Board, int}>
     */
    public static function tried(): iterable
    {
        foreach (self::cells(self::short()) as $place => $cell) {
            yield $cell->id => [self::short(...), $place];
        }
        yield 'with its whole rest' => [static fn(): Board => BenchDesk::demo('fermentation'), 1];
    }

    /**
     * @param \Closure(): Board $board
     */
    #[DataProvider('tried')]
    public function testEachCellPasses(\Closure $board, int $place): void
    {
        $board = $board();
        $cell = self::cells($board)[$place];
        // The cooler has had its rest since the start.
        $at = 10.0 + ($board->lines['L2']->safety->restSeconds->value ?? 0.0);
        $told = CellScript::of($cell, $at, self::LATER_SECONDS);
        $course = new ChipCourse($board, $told->script);
        $levels = $course->levels(ChipBuild::run(ChipBuild::elf(ChipBuild::header($board)), $course->script()));
        $isWorth = false;
        foreach ($told->ends as [$seconds, $expected]) {
            foreach (array_filter($expected, is_bool(...)) as $line => $on) {
                $isWorth = true;
                self::assertSame($on, self::isOn($board, $levels, $line, $seconds), sprintf('%s at %.1f s', $line, $seconds));
            }
        }
        self::assertTrue($isWorth);
    }

    /**
     * Whether every relay of a line is pulled in; here all of them are driven high.
     *
     * @param array<string, list<array{int, string}>> $levels
     */
    private static function isOn(Board $board, array $levels, string $line, float $seconds): bool
    {
        $pins = (new Inspection($board))->seating->pins;
        foreach ($board->lines[$line]->actuators as $actuator) {
            $level = 'z';
            foreach ($levels[substr($pins[$actuator->function]->name(), 1)] as [$micros, $then]) {
                $level = $micros <= $seconds * 1e6 ? $then : $level;
            }
            if ('1' !== $level) {
                return false;
            }
        }

        return true;
    }
}

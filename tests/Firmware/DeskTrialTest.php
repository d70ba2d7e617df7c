<?php

declare(strict_types=1);

namespace IronLatch\Tests\Firmware;

use IronLatch\Core\Bench\TrialCell;
use IronLatch\Core\Bench\TrialPlan;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\CellScript;
use IronLatch\Tests\Support\DeskBuild;
use IronLatch\Tests\Support\DeskCourse;
use IronLatch\Tests\Support\HouseBroker;
use IronLatch\Tests\Support\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * “Utility room board” runs its whole trial as the sketch that is handed over, on this computer: contacts, infrared, sensors, and a broker
 * on the loopback, in the time of the script.
 */
final class DeskTrialTest extends TestCase
{
    private const LATER_SECONDS = 3.0;

    private static function board(): Board
    {
        return BenchDesk::demo('utility-room');
    }

    /**
     * @return list<TrialCell>
     */
    private static function cells(): array
    {
        $board = self::board();

        return TrialPlan::of($board, (new Inspection($board))->controls)[0];
    }

    /**
     * @return iterable<string, array{int}>
     */
    public static function tried(): iterable
    {
        $step = Sample::size(11, 1);
        foreach (self::cells() as $place => $cell) {
            if (0 === $place % $step && !self::isByPanelAlone($cell)) {
                yield $cell->id => [$place];
            }
        }
    }

    /** The panel’s words come by the broker here: without it they are tried in a browser, where there is none (hand-panel.spec.mjs). */
    private static function isByPanelAlone(TrialCell $cell): bool
    {
        $map = (new Inspection(self::board()))->controls;
        $isByPanel = 'C5' === ($map->entries[$cell->by] ?? null)?->column;

        return $isByPanel && null !== $cell->outage && $map->routes['C1']->hops[0]->isGoneIn($cell->outage);
    }

    #[DataProvider('tried')]
    public function testEachCellPasses(int $place): void
    {
        $board = self::board();
        $cell = self::cells()[$place];
        // What rests after each start has had its rest.
        $rests = array_map(static fn(Line $line): float => $line->safety->restSeconds->value ?? 0.0, array_values($board->lines));
        $at = 10.0 + max(0.0, ...$rests);
        $told = CellScript::of($cell, $at, self::LATER_SECONDS);
        $course = new DeskCourse($board, $told->script);
        $levels = $course->levels(self::done($board, $course->script()));
        foreach ($told->ends as [$seconds, $expected]) {
            // Which of two acts comes last may be left to chance: what the bench makes of this very run is what counts.
            foreach (array_keys($board->lines) as $line) {
                $isOn = self::isOn($course, $board, $course->expected(), $line, $seconds);
                $says = sprintf('%s at %.1f s', $line, $seconds);
                self::assertSame($isOn, self::isOn($course, $board, $levels, $line, $seconds), $says);
                if (!str_starts_with($cell->id, 'two ')) {
                    self::assertSame($expected[$line] ?? $isOn, $isOn, $says . ', as the trial expects it');
                }
            }
        }
        self::assertNotSame([], $told->ends);
    }

    /**
     * @param list<string> $script
     * @return list<string>
     */
    private static function done(Board $board, array $script): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'desk');
        file_put_contents($path, implode("\n", $script) . "\n");
        $port = HouseBroker::freePort();
        $process = new Process([DeskBuild::desk($board, isSanitized: false), $path], env: [
            'HOUSE_BROKER_HOST' => '127.0.0.1:' . $port, 'DESK_BROKER_PORT' => (string) $port,
        ], timeout: 300);
        $process->mustRun();
        unlink($path);

        return explode("\n", trim($process->getOutput()));
    }

    /**
     * Whether any relay of a line is pulled in.
     *
     * @param array<string, list<array{int, string}>> $levels
     */
    private static function isOn(DeskCourse $course, Board $board, array $levels, string $line, float $seconds): bool
    {
        foreach ($board->lines[$line]->actuators as $actuator) {
            $level = 'z';
            foreach ($levels[$course->pin($actuator->function)] as [$micros, $then]) {
                $level = $micros <= $seconds * 1e6 ? $then : $level;
            }
            if ($level === (Level::Low === $actuator->activeLevel->value ? '0' : '1')) {
                return true;
            }
        }

        return false;
    }
}

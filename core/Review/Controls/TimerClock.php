<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\Edit\Controller\StateClock;
use IronLatch\Core\Board\Edit\Controls\AddSwitchTime;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\Schedule;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchTime;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Timer that does not know the time, or never ends. */
final class TimerClock implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.timer-clock',
            version: 1,
            title: 'Timer that does not know the time, or never ends',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A controller forgets the time with its supply. What it is told anew needs a radio, a module with a cell, or somebody '
                . 'who sets it; a table with no time for off leaves its line on for ever.',
            threshold: 'the clock has what it needs (a radio that is used for the network, a zero-cross input for the cycles of the '
                . 'mains), or the timer is broken; a clock that each power cut stops, and a table that only switches on, are weak',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->entries as $id => $entry) {
            if (SurfaceKind::Timer !== $entry->kind) {
                continue;
            }
            $line = $inspection->board->lines[$entry->line];
            $schedule = $line->surfaces[$id]->schedule ?? new Schedule();
            $missing = array_keys(array_filter([
                'its times' => [] === $schedule->times,
                'where it has the time from' => null === $schedule->clock,
                'what becomes of a time that was missed' => null === $schedule->missed,
            ]));
            if ([] !== $missing) {
                yield new NotChecked($this->facts(), $id, sprintf('of the timer of “%s”: %s', $line->name, implode(', ', $missing)));
            }
            $fault = self::fault($inspection, $schedule->clock);
            $switches = array_unique(array_map(static fn(SwitchTime $time): bool => $time->on, $schedule->times));
            if (null !== $fault) {
                yield new Finding(
                    $this->facts(),
                    $fault[0],
                    $id,
                    sprintf('The timer of “%s” has the time from %s, %s.', $line->name, $schedule->clock->value ?? '', $fault[1]),
                    proposals: static fn(): array => self::clocks($inspection, $id),
                );
            } elseif ([true] === $switches) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf('The timer of “%s” switches it on and never off.', $line->name),
                    proposals: static fn(): array => self::anHourLater($id, $schedule),
                );
            }
        }
    }

    /**
     * @return ?array{Severity, string} what is wrong with a clock on this board
     */
    private static function fault(Inspection $inspection, ?ClockSource $clock): ?array
    {
        $board = $inspection->board;
        $hasRadio = $board->controller()->chip->radio && false !== $board->program->radioUsed->value;
        $hasZeroCross = [] !== array_filter(
            $board->functions,
            static fn(PinFunction $function): bool => FunctionKind::ZeroCross === $function->kind,
        );

        return match (true) {
            ClockSource::Network === $clock && !$hasRadio => [Severity::Broken, 'and the board has no radio in use'],
            ClockSource::MainsCycles === $clock && !$hasZeroCross => [
                Severity::Broken,
                'and the board has no zero-cross input to count them',
            ],
            ClockSource::Own === $clock, ClockSource::MainsCycles === $clock => [
                Severity::Weak,
                'which stands still in every power cut and is wrong afterwards',
            ],
            default => null,
        };
    }

    /**
     * @return list<Remedy>
     */
    private static function anHourLater(string $surface, Schedule $schedule): array
    {
        $last = $schedule->times[count($schedule->times) - 1];
        $at = sprintf('%02d:%s', ((int) substr($last->at, 0, 2) + 1) % 24, substr($last->at, 3));

        return [new Remedy(sprintf('Let it go off an hour later, at %s', $at), new AddSwitchTime($surface, $at, false, $last->days))];
    }

    /**
     * @return list<Remedy>
     */
    private static function clocks(Inspection $inspection, string $surface): array
    {
        $clocks = array_filter(
            [ClockSource::Network, ClockSource::Module],
            static fn(ClockSource $clock): bool => null === self::fault($inspection, $clock),
        );

        return array_values(array_map(
            static fn(ClockSource $clock): Remedy => new Remedy('Take the time from ' . $clock->value, new StateClock([$surface], $clock)),
            $clocks,
        ));
    }
}

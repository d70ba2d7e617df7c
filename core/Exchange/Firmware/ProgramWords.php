<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Program\LinePlan;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Program\SensorPlan;
use IronLatch\Core\Review\Inspection;

/** What the program of a board will do with each line, in sentences. */
final readonly class ProgramWords
{
    private function __construct(private Board $board, private ControlMap $map) {}

    /**
     * @return array<string, list<string>> by id of the line
     */
    public static function of(Board $board, ControlMap $map, ProgramPlan $plan): array
    {
        $words = new self($board, $map);

        return array_map($words->line(...), $plan->lines);
    }

    /**
     * In one piece: a table from what is known of a line to what is said of it.
     *
     * @return list<string>
     */
    private function line(LinePlan $line): array
    {
        $surfaces = [];
        foreach ($this->map->ofLine($line->id) as $entry) {
            if ($entry->direction->commands()) {
                $channel = $this->map->columns[$entry->column]->title ?? '';
                $rule = $this->board->lines[$line->id]->surfaces[$entry->surface]->rule;
                $surfaces[] = match (true) {
                    isset($this->map->routes[$entry->column]) => sprintf('“%s”', $channel),
                    null !== $rule => sprintf('%s (%s)', $entry->kind->value, $rule->said()),
                    default => $entry->kind->value,
                };
            }
        }

        return array_values(array_filter([
            [] === $surfaces ? 'Nothing operates it.' : sprintf('Operated by %s.', implode(', ', array_values(array_unique($surfaces)))),
            $this->steps($line),
            match ($line->restore) {
                RestorePolicy::Off => 'Off after a power cut.',
                RestorePolicy::Last => 'As it was after a power cut.',
                RestorePolicy::On => 'On whenever power comes.',
            },
            $line->followsSwitch ? 'Its switch wins at once where it was moved meanwhile.' : '',
            $line->mustNotStart ? 'Never starts by itself: no restart, no timer, no group and nobody from afar switches it on.' : '',
            $line->isBarred ? 'No act on a group switches it on.' : '',
            $line->restMicros > 0 ? sprintf('Rests %s between two runs, and after each start.', self::span($line->restMicros)) : '',
            $this->apart($line),
            $line->runMicros > 0 ? sprintf('Stopped after %s, whatever it hears.', self::span($line->runMicros)) : '',
            null !== $line->sense ? 'What is told is what is sensed at its appliance; an alarm where its contact has welded.' : '',
        ], static fn(string $one): bool => '' !== $one));
    }

    private function steps(LinePlan $line): string
    {
        return match (true) {
            $line->runsBothWays => sprintf('Runs both ways, with %s at rest between them.', self::span($line->pauseMicros)),
            $line->top() > 1 => sprintf(
                '%d steps, never two contacts at once: %s between them.',
                $line->top(),
                self::span($line->pauseMicros),
            ),
            default => '',
        };
    }

    private function apart(LinePlan $line): string
    {
        $others = [];
        foreach ($line->apart as $other => $pause) {
            $others[] = sprintf('“%s” (%s apart)', $this->board->lines[$other]->name, self::span($pause));
        }

        return [] === $others ? '' : sprintf('Makes room for, and never runs with, %s.', implode(', ', $others));
    }

    /** “100 ms”, “5 min” */
    public static function span(int $micros): string
    {
        return match (true) {
            $micros < Micros::SECOND => round($micros / Micros::MILLISECOND, 1) . ' ms',
            $micros < 2 * Micros::MINUTE => round($micros / Micros::SECOND, 2) . ' s',
            default => round($micros / Micros::MINUTE, 1) . ' min',
        };
    }

    /**
     * What it keeps to for the board as a whole.
     *
     * @return list<string>
     */
    public static function ofAll(Board $board, ProgramPlan $plan, int $watchdogMilliseconds): array
    {
        return array_values(array_filter([
            sprintf('A contact counts when it has rested for %s.', self::span($plan->debounceMicros)),
            $plan->staggerMicros > 0 ? sprintf('Lines that start together do so %s apart.', self::span($plan->staggerMicros)) : '',
            null === $plan->atOnce ? '' : sprintf('At most %d lines run at once.', $plan->atOnce),
            sprintf('What is on is written into memory when it has rested for %s.', self::span($plan->keepMicros)),
            sprintf('A loop that hangs is reset after %s; the third reset in ten minutes keeps everything off.', self::span(
                $watchdogMilliseconds * Micros::MILLISECOND,
            )),
            ...self::ofSensors($board, $plan),
        ], static fn(string $one): bool => '' !== $one));
    }

    /**
     * How sensors are read, where the board leaves it open.
     *
     * @return list<string>
     */
    public static function ofSensors(Board $board, ProgramPlan $plan): array
    {
        $functions = array_unique(array_map(static fn(SensorPlan $sensor): string => $sensor->function, array_values($plan->sensors)));

        return array_values(array_filter(array_map(
            static fn(string $one): string => isset($board->functions[$one])
                ? SensorReading::of($board, $one)->taken($board->functions[$one])
                : '',
            array_values($functions),
        ), static fn(string $one): bool => '' !== $one));
    }

    /**
     * By which ways it is reached.
     *
     * @return list<string>
     */
    public static function ofWays(Inspection $inspection): array
    {
        $chip = SketchChip::of($inspection);
        $words = [];
        foreach (Way::all($inspection) as $channel => $way) {
            $words[] = $way->words($inspection->board->channels[$channel]->name, $chip?->connectMilliseconds() ?? 0);
        }
        $silent = SerialLine::of($inspection)->words();
        array_push($words, ...'' === $silent ? [] : [$silent]);
        $hasTimers = [] !== ProgramPlan::of($inspection->board, $inspection->controls)->timers;
        $hasTime = true === $chip?->hasRadio() && in_array('TIME_SERVER', Secrets::names($inspection->board), true);
        if ($hasTimers) {
            $words[] = $hasTime
                ? 'The time comes from the time server of its secrets: until it is known, timers do nothing.'
                : 'Nothing tells this program the time: its timers do nothing.';
        }

        return $words;
    }
}

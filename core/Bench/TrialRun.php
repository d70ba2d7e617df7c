<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\Outage;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Review\Inspection;

/**
 * Runs the cells of a trial one after the other, each from a board that has come to rest. At the worst corner, so that what would fail on
 * some copies fails here.
 */
final class TrialRun
{
    /** Longer than anything takes to come to rest after an outage has begun. */
    private const REST_SECONDS = 75.0;
    /** Surfaces show the new state within so long over what their hops take. */
    private const SHOWN_SECONDS = 0.2;

    /** @var list<TrialCell> */
    public readonly array $cells;
    /** @var list<string> what nobody has said, so that something is not tried */
    public readonly array $gaps;
    /** @var array<string, list<Deed>> how each line is switched off */
    private readonly array $offs;
    private readonly Board $board;
    private readonly ControlMap $map;
    private readonly World $world;
    public readonly BoardFacts $facts;
    /** @var array<string, Scene> boards at rest, by what is gone */
    private array $rested = [];
    /** @var array<string, TrialResult> results by what was done, while alike things are gone */
    private array $alike = [];
    /** When the last cell that was run was seen to fail. */
    private ?int $failedAt = null;

    public function __construct(private readonly Inspection $inspection, Corner $corner = Corner::Worst)
    {
        $this->board = $inspection->board;
        $this->map = $inspection->controls;
        [$this->cells, $this->gaps, $this->offs] = TrialPlan::of($this->board, $this->map);
        $this->facts = BoardFacts::of($inspection, $corner);
        $this->world = new World($this->facts);
    }

    public function result(int $place): TrialResult
    {
        $cell = $this->cells[$place];
        $key = null === $cell->outage ? null : implode(
            ' ',
            [$this->goneIn($cell->outage), $cell->line, $cell->by, $cell->words, (int) $cell->isReached],
        );
        if (null !== $key && isset($this->alike[$key])) {
            $known = $this->alike[$key];

            return new TrialResult($cell, $known->verdict, $known->words, $known->seconds);
        }
        $scene = $this->begin($cell);
        $scene->isLogged = false;
        $result = $this->run($cell, $scene);
        if (null !== $key) {
            $this->alike[$key] = $result;
        }

        return $result;
    }

    /** The run of a cell once more, with everything that happens written down. */
    public function replay(int $place): Replay
    {
        $cell = $this->cells[$place];
        $scene = $this->begin($cell);
        $scene->isLogged = true;
        $scene->log = [];
        $first = $scene->states();
        $from = $scene->now;
        $this->failedAt = null;
        $result = $this->run($cell, $scene);

        return new Replay($result, $scene->log, $first, $from, $this->failedAt);
    }

    private function begin(TrialCell $cell): Scene
    {
        if (!$cell->fromDark) {
            return clone $this->rested($cell->outage);
        }
        $scene = $this->world->dark(1);
        $scene->week = $cell->weekMicros;

        return $scene;
    }

    /** Everything that is gone in an outage, so that two that take the same away are tried once. */
    private function goneIn(Outage $outage): string
    {
        $gone = [Need::Radio === $outage->need || Need::Link === $outage->need ? 'network' : 'far end'];
        foreach ($this->map->routes as $id => $route) {
            if ($route->hops[0]->isGoneIn($outage)) {
                $gone[] = $id;
            }
        }

        return implode(' ', $gone);
    }

    /** A board that runs and has come to rest, with something gone, or nothing. */
    private function rested(?Outage $outage): Scene
    {
        $key = null === $outage ? '' : $this->goneIn($outage);
        if (isset($this->rested[$key])) {
            return $this->rested[$key];
        }
        if (null === $outage) {
            $scene = $this->world->dark(1);
            $scene->isLogged = false;
            $this->world->mainsComes($scene, 0);
            $rest = 10.0;
            foreach ($this->board->lines as $line) {
                $own = $line->safety?->restSeconds?->value;
                $rest = max($rest, 10.0 + (is_float($own) ? $own : 0.0));
            }
            $this->world->runTo($scene, Micros::of($rest));
            $this->putOff($scene, $rest);
        } else {
            $scene = clone $this->rested(null);
            $this->world->deed($scene, new Deed(0.0, DeedKind::Outage, $outage->key()));
            $this->world->runTo($scene, $scene->now + Micros::of(self::REST_SECONDS));
            $this->untilBusy($scene);
        }

        return $this->rested[$key] = $scene;
    }

    /** What came back by itself is switched off, and rests. */
    private function putOff(Scene $scene, float $restSeconds): void
    {
        $on = array_filter($scene->running, static fn(int $step): bool => $step > 0);
        foreach (array_intersect_key($this->offs, $on) as $deeds) {
            foreach ($deeds as $deed) {
                $scene->later(new Pending($scene->now + Micros::of($deed->at), 'deed', '', 0, deed: $deed));
            }
        }
        if ([] !== $on) {
            $this->world->runTo($scene, $scene->now + Micros::of($restSeconds));
        }
    }

    /** To the moment that hurts: the program has just begun to wait for somebody who is not there. */
    private function untilBusy(Scene $scene): void
    {
        $until = $scene->now + Micros::of(2 * self::REST_SECONDS);
        while ($scene->now < $until && ($scene->program?->busyUntil() ?? 0) <= $scene->now) {
            $next = $this->world->nextAt($scene);
            if (null === $next || $next > $until) {
                return;
            }
            $this->world->runTo($scene, $next);
        }
    }

    private function run(TrialCell $cell, Scene $scene): TrialResult
    {
        $slowest = null;
        $harms = $scene->harms;
        foreach ($cell->phases as $phase) {
            $fault = $this->phase($cell, $phase, $scene, $slowest);
            if (null !== $fault) {
                $this->failedAt ??= $scene->now;

                return new TrialResult($cell, $fault[0], $fault[1], $slowest);
            }
            if ($scene->harms > $harms) {
                $this->failedAt = $scene->now;

                return new TrialResult(
                    $cell,
                    TrialVerdict::Harm,
                    'Two that may never be closed together are, or a compressor starts too soon.',
                    $slowest,
                );
            }
        }

        return new TrialResult($cell, $cell->isReached ? TrialVerdict::Passes : TrialVerdict::OutOfReach, '', $slowest);
    }

    /**
     * @return ?array{TrialVerdict, string} what is wrong
     */
    private function phase(TrialCell $cell, TrialPhase $phase, Scene $scene, ?float &$slowest): ?array
    {
        $before = $scene->running;
        $begun = $scene->begun;
        $from = $scene->now;
        $last = $from;
        foreach ($phase->deeds as $deed) {
            $last = max($last, $from + Micros::of($deed->at));
            $scene->later(new Pending($from + Micros::of($deed->at), 'deed', '', 0, deed: $deed));
        }
        $this->world->runTo($scene, $last);
        $deadline = $last + Micros::of($phase->withinSeconds);
        $actedAt = null;
        while (true) {
            $isAsExpected = $this->isAsExpected($phase, $scene);
            if ($isAsExpected && null === $actedAt) {
                $actedAt = $scene->now;
            } elseif (!$isAsExpected) {
                $actedAt = null;
            }
            $next = $this->world->nextAt($scene);
            if (null === $next || $next > $deadline) {
                break;
            }
            $this->world->runTo($scene, $next);
        }
        if (null === $actedAt) {
            $this->failedAt = $deadline;

            return $this->whatIsMissing($phase, $scene, $deadline);
        }
        $this->world->runTo($scene, max($deadline, $scene->now) + Micros::of($phase->waitSeconds));
        if (!$this->isAsExpected($phase, $scene)) {
            return [TrialVerdict::DoesNotAct, $this->stateWords($phase, $scene) . ' in the end.'];
        }
        if ($actedAt > $last && [] !== $phase->expected) {
            $slowest = max($slowest ?? 0.0, Micros::seconds($actedAt - $last));
        }

        return $this->astray($phase, $scene, $before, $begun) ?? ($phase->tells ? $this->untrue($cell, $phase, $scene) : null);
    }

    private function isAsExpected(TrialPhase $phase, Scene $scene): bool
    {
        foreach ($phase->expected as $line => $on) {
            if (null !== $on && (($scene->running[$line] ?? 0) > 0) !== $on) {
                return false;
            }
        }
        foreach ($phase->steps as $line => $step) {
            if (($scene->running[$line] ?? 0) !== $step) {
                return false;
            }
        }

        return true;
    }

    /**
     * Late, or not at all: it is looked for a while longer.
     *
     * @return array{TrialVerdict, string}
     */
    private function whatIsMissing(TrialPhase $phase, Scene $scene, int $deadline): array
    {
        $words = $this->stateWords($phase, $scene);
        $until = $deadline + Micros::of(30.0);
        while ($scene->now < $until && !$this->isAsExpected($phase, $scene)) {
            $next = $this->world->nextAt($scene);
            if (null === $next || $next > $until) {
                break;
            }
            $this->world->runTo($scene, $next);
        }
        if ($this->isAsExpected($phase, $scene)) {
            return [TrialVerdict::Late, sprintf(
                '%s after %.1f s; it comes after %.1f s.',
                $words,
                $phase->withinSeconds,
                $phase->withinSeconds + Micros::seconds($scene->now - $deadline),
            )];
        }

        return [TrialVerdict::DoesNotAct, sprintf('%s after %.1f s%s.', $words, $phase->withinSeconds, match ($scene->chip) {
            'stuck' => ': the program does not start',
            'running' => '',
            default => ': the controller is not running',
        })];
    }

    private function stateWords(TrialPhase $phase, Scene $scene): string
    {
        foreach ($phase->expected as $line => $on) {
            $is = $scene->running[$line] ?? 0;
            if (null !== $on && ($is > 0) !== $on) {
                return sprintf('“%s” is still %s', $this->board->lines[$line]->name, $on ? 'off' : 'on');
            }
        }
        foreach ($phase->steps as $line => $step) {
            if (($scene->running[$line] ?? 0) !== $step) {
                return sprintf('“%s” is in step %d and not %d', $this->board->lines[$line]->name, $scene->running[$line] ?? 0, $step);
            }
        }

        return 'Not as it must be';
    }

    /**
     * In one piece: what a line may do depends on whether it is named, and on what is expected of it.
     *
     * @param array<string, int> $before
     * @param array<string, int> $begun
     * @return ?array{TrialVerdict, string}
     */
    private function astray(TrialPhase $phase, Scene $scene, array $before, array $begun): ?array
    {
        foreach ($this->board->lines as $line => $one) {
            $expected = $phase->expected[$line] ?? null;
            $isNamed = array_key_exists($line, $phase->expected);
            if ($phase->mayMove || $isNamed && null === $expected) {
                continue;
            }
            if (!$isNamed && ($scene->running[$line] ?? 0) !== ($before[$line] ?? 0)) {
                return [TrialVerdict::Astray, sprintf('“%s” moves as well.', $one->name)];
            }
            $hasStarted = ($scene->begun[$line] ?? 0) > ($begun[$line] ?? 0);
            $mayNot = !$isNamed || false === $expected && !$phase->mayStart && 0 === ($before[$line] ?? 0);
            if ($hasStarted && $mayNot) {
                return [TrialVerdict::Astray, sprintf('“%s” runs for a moment, though nobody has asked for it.', $one->name)];
            }
        }

        return null;
    }

    /**
     * Whether every surface that tells the state of a line tells what it is, once its hops have had their time.
     *
     * @return ?array{TrialVerdict, string}
     */
    private function untrue(TrialCell $cell, TrialPhase $phase, Scene $scene): ?array
    {
        $telling = $this->telling($cell, $phase);
        if ([] === $telling) {
            return $this->lampsUntrue($phase, $scene);
        }
        $waits = array_map(fn(Entry $entry): float => Ways::slowest($this->map->routes[$entry->column]), $telling);
        $this->world->runTo($scene, $scene->now + Micros::of(self::SHOWN_SECONDS + max($waits)));
        foreach ($telling as $entry) {
            $shown = $scene->shown[$entry->surface] ?? null;
            $isOn = ($scene->running[$entry->line] ?? 0) > 0;
            if (null === $shown || ($shown > 0) !== $isOn) {
                return [TrialVerdict::Untrue, sprintf(
                    '“%s” shows “%s” %s, and it is %s.',
                    $this->map->columns[$entry->column]->title,
                    $this->board->lines[$entry->line]->name,
                    null === $shown ? 'as unknown' : ($shown > 0 ? 'on' : 'off'),
                    $isOn ? 'on' : 'off',
                )];
            }
        }

        return $this->lampsUntrue($phase, $scene);
    }

    /**
     * Where the lines of a phase are shown, as far as everything on the way is there.
     *
     * @return list<Entry>
     */
    private function telling(TrialCell $cell, TrialPhase $phase): array
    {
        $telling = [];
        foreach (array_keys(array_filter($phase->expected, is_bool(...))) as $line) {
            foreach ($this->map->ofLine($line) as $entry) {
                $route = $this->map->routes[$entry->column] ?? null;
                if (null !== $route && $entry->direction->tellsState() && (null === $cell->outage || $route->survives($cell->outage))) {
                    $telling[] = $entry;
                }
            }
        }

        return $telling;
    }

    /**
     * @return ?array{TrialVerdict, string}
     */
    private function lampsUntrue(TrialPhase $phase, Scene $scene): ?array
    {
        foreach ($this->map->entries as $id => $entry) {
            if (ControlMap::LIGHT !== $entry->column || !is_bool($phase->expected[$entry->line] ?? null)) {
                continue;
            }
            $function = $this->board->lines[$entry->line]->surfaces[$id]->function;
            if (($scene->lamps[$function] ?? false) !== ($scene->running[$entry->line] ?? 0) > 0) {
                return [
                    TrialVerdict::Untrue,
                    sprintf('“%s” does not show what “%s” does.', $this->board->nameOf($function), $this->board->lines[$entry->line]->name),
                ];
            }
        }

        return null;
    }

    /**
     * What the program keeps to though nobody has said so.
     *
     * @return list<string>
     */
    public function assumed(): array
    {
        $assumed = [];
        foreach ($this->board->lines as $line) {
            if (null === $line->safety?->restore?->value) {
                $assumed[] = sprintf('“%s” stays off when power comes back.', $line->name);
            }
        }
        $program = $this->board->program;
        foreach ([
            'A state is written into memory after 5 s.' => $program->keptAfterSeconds,
            'A program that hangs is reset after 2 s.' => $program->watchdogSeconds,
            'Lines that come back together do so in one moment.' => $program->staggerSeconds,
        ] as $words => $fact) {
            if (!is_float($fact?->value)) {
                $assumed[] = $words;
            }
        }

        return $assumed;
    }

    /** Everything, one cell after the other. */
    public function all(): TrialReport
    {
        $results = [];
        foreach (array_keys($this->cells) as $place) {
            $results[] = $this->result($place);
        }

        return new TrialReport($results, count($this->cells), $this->gaps, $this->assumed());
    }

    public function inspection(): Inspection
    {
        return $this->inspection;
    }
}

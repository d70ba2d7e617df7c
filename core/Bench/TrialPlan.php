<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\Days;
use IronLatch\Core\Board\GroupKey;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Schedule;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchAtStart;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\Outage;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Program\Usual;

/**
 * Everything that is to be tried of a board, made of its control map, and what must come of it, made of what is stated: not of what the
 * program or the world would do.
 */
final class TrialPlan
{
    private const HELD_SECONDS = 2.0;
    private const DARK_SECONDS = 3.0;
    private const PAIR_SECONDS = 0.2;
    private const BEFORE_TIME_SECONDS = 30.0;

    /** @var list<TrialCell> */
    private array $cells = [];
    /** @var array<string, string> */
    private array $gaps = [];
    /** @var array<string, list<Operated>> by line */
    private array $operated = [];

    private function __construct(private readonly Board $board, private readonly ControlMap $map)
    {
        foreach ($map->entries as $entry) {
            $one = Operated::by($board, $map, $entry);
            if (null !== $one?->gap) {
                $this->gaps[$one->gap] = $one->gap;
            } elseif (null !== $one) {
                $this->operated[$entry->line][] = $one;
            }
        }
    }

    /**
     * @return array{list<TrialCell>, list<string>, array<string, list<Deed>>} what is tried, what cannot be for want of a fact, and how
     *     each line is switched off so that all of them begin at rest
     */
    public static function of(Board $board, ControlMap $map): array
    {
        $plan = new self($board, $map);
        $outages = [null, ...Outages::of($map)->all];
        foreach ($outages as $outage) {
            $plan->surfaces($outage);
            $plan->timers($outage);
        }
        $plan->powerCycles();
        $plan->closedAtPowerUp();
        $plan->pairs();
        $plan->held();
        $plan->lost();
        $plan->groups();
        $plan->allAtOnce();

        return [$plan->cells, array_values($plan->gaps), $plan->offs()];
    }

    /**
     * @param list<TrialPhase> $phases
     */
    private function cell(
        TrialKind $kind,
        string $line,
        string $by,
        string $words,
        array $phases,
        ?Outage $outage = null,
        bool $isReached = true,
        bool $fromDark = false,
        int $weekMicros = 0,
    ): void {
        $id = implode(
            ' ',
            array_filter([$kind->value, $line, $by, $outage?->key()], static fn(?string $part): bool => null !== $part && '' !== $part),
        );
        $this->cells[] = new TrialCell(
            $id . ('' === $words ? '' : ' ' . substr(hash('xxh32', $words), 0, 6)),
            $kind,
            $line,
            $by,
            $outage,
            $words,
            $phases,
            $isReached,
            $fromDark,
            $weekMicros,
        );
    }

    private function isReached(Operated $by, ?Outage $outage): bool
    {
        $route = $this->map->routes[$this->map->entries[$by->surface]->column] ?? null;

        return null === $outage || null === $route || $route->survives($outage);
    }

    private function surfaces(?Outage $outage): void
    {
        foreach ($this->operated as $line => $all) {
            foreach ($all as $by) {
                $phases = $this->isReached($by, $outage) ? $this->onAndOff($by, $outage) : [new TrialPhase(
                    $by->on ?? $by->off ?? [],
                    [],
                    $by->withinSeconds,
                    tells: false,
                )];
                if ([] !== $phases) {
                    $this->cell(TrialKind::Surface, $line, $by->surface, '', $phases, $outage, $this->isReached($by, $outage));
                }
            }
        }
    }

    /** The first time at which each timer switches on, and the first at which it switches off, met half a minute after power has come. */
    private function timers(?Outage $outage): void
    {
        foreach ($this->map->entries as $id => $entry) {
            if (SurfaceKind::Timer !== $entry->kind) {
                continue;
            }
            $schedule = $this->board->lines[$entry->line]->surfaces[$id]->schedule;
            if (null === $schedule || [] === $schedule->times || null === $schedule->clock) {
                $what = null === $schedule || [] === $schedule->times ? 'its times' : 'what it knows the time from';
                $gap = sprintf('Timer of “%s”: %s', $this->board->lines[$entry->line]->name, $what);
                $this->gaps[$gap] = $gap;
                continue;
            }
            // A clock that begins anew at each start is right only by chance: the check of timers says so.
            if (ClockSource::Own === $schedule->clock) {
                continue;
            }
            foreach ([true, false] as $on) {
                $this->time($entry, $schedule, $on, $outage);
            }
        }
    }

    private function time(Entry $entry, Schedule $schedule, bool $on, ?Outage $outage): void
    {
        $mayStart = Operation::Off !== $entry->operation && !$this->board->mustNotStart($entry->line);
        foreach ($schedule->times as $time) {
            if ($time->on !== $on) {
                continue;
            }
            [$hour, $minute] = array_map(intval(...), explode(':', $time->at));
            $day = Days::Weekend === $time->days ? 5 : 0;
            $at = (($day * 24 + $hour) * 60 + $minute) * Micros::MINUTE - Micros::of(self::BEFORE_TIME_SECONDS);
            $deeds = [Deed::of(0.0, DeedKind::MainsBack)];
            if (null !== $outage) {
                $deeds[] = Deed::of(self::BEFORE_TIME_SECONDS - 10.0, DeedKind::Outage, $outage->key());
            }
            $this->cell(
                TrialKind::Surface,
                $entry->line,
                $entry->surface,
                $time->said(),
                [
                    new TrialPhase(
                        $deeds,
                        [$entry->line => $on && $mayStart],
                        self::BEFORE_TIME_SECONDS + 5.0,
                        tells: false,
                        mayMove: true,
                        mayStart: true,
                    ),
                ],
                $outage,
                fromDark: true,
                weekMicros: $at < 0 ? $at + Micros::WEEK : $at,
            );

            return;
        }
    }

    /**
     * On by a surface, through its steps, and off again; what can only switch off is given something to switch off.
     *
     * @return list<TrialPhase>
     */
    private function onAndOff(Operated $by, ?Outage $outage): array
    {
        $either = array_fill_keys($by->stirs, null);
        $phases = [];
        if (null !== $by->on) {
            $phases[] = new TrialPhase($by->on, [$by->line => true, ...$either], $by->withinSeconds);
            foreach ($by->steps as $step => $deeds) {
                $phases[] = new TrialPhase($deeds, [$by->line => true, ...$either], $by->withinSeconds, steps: [$by->line => $step]);
            }
        } else {
            $first = $this->starter($by->line, $outage);
            if (null === $first) {
                return [];
            }
            $phases[] = $first;
        }
        if (null !== $by->off) {
            $phases[] = new TrialPhase($by->off, [$by->line => false, ...$either], $by->withinSeconds);
        }

        return $phases;
    }

    /**
     * @return array<string, list<Deed>> by line, where anything can switch it off
     */
    private function offs(): array
    {
        $offs = [];
        foreach ($this->operated as $line => $all) {
            $ways = array_filter($all, static fn(Operated $one): bool => null !== $one->off);
            usort($ways, static fn(Operated $a, Operated $b): int => [!$a->isHere, $a->flips] <=> [!$b->isHere, $b->flips]);
            if ([] !== $ways) {
                $offs[$line] = $ways[0]->off ?? [];
            }
        }

        return $offs;
    }

    /** The first way to get a line on: by a hand beside it, if there is one. */
    private function starter(string $line, ?Outage $outage = null): ?TrialPhase
    {
        $all = array_filter($this->operated[$line] ?? [], fn(Operated $one): bool => null !== $one->on && $this->isReached($one, $outage)
            && ($one->isHere || !$this->board->mustNotStart($line)));
        usort($all, static fn(Operated $a, Operated $b): int => [!$a->isHere, $a->withinSeconds] <=> [!$b->isHere, $b->withinSeconds]);
        $by = $all[0] ?? null;

        return null === $by ? null : new TrialPhase(
            $by->on ?? [],
            [$line => true, ...array_fill_keys($by->stirs, null)],
            $by->withinSeconds,
            tells: false,
            bySensor: SurfaceKind::SensorRule === $by->kind,
        );
    }

    /** Whether a line does what its maintained switch says when power comes back. */
    private function follows(string $line, Entry $entry): bool
    {
        return SurfaceKind::WallSwitch === $entry->kind
            && Operation::Explicit === $entry->operation
            && SwitchAtStart::Wins === $this->board->lines[$line]->safety?->switchAtStart?->value;
    }

    /** Whether a line is on when power has come back; null where its timer says so, whatever it was. */
    private function afterCut(string $line, bool $wasOn): ?bool
    {
        $safety = $this->board->lines[$line]->safety;
        foreach ($this->board->lines[$line]->surfaces as $surface) {
            if (MissedTime::ByTheTable === $surface->schedule?->missed && [] !== $surface->schedule->times) {
                return null;
            }
        }
        if ($this->board->mustNotStart($line)) {
            return false;
        }
        foreach ($this->map->ofLine($line) as $entry) {
            if ($this->follows($line, $entry)) {
                return $wasOn;
            }
        }

        return match ($safety?->restore?->value) {
            RestorePolicy::On => true,
            RestorePolicy::Last => $wasOn,
            default => false,
        };
    }

    /** Seconds after which a board that got its power has brought everything back. */
    private function backSeconds(): float
    {
        $rest = $stagger = 0.0;
        foreach ($this->board->lines as $line) {
            $own = $line->safety?->restSeconds?->value;
            $rest = max($rest, is_float($own) ? $own : 0.0);
        }
        $between = $this->board->program->staggerSeconds?->value;
        $stagger = (is_float($between) ? $between : 0.0) * count($this->board->lines);

        return 8.0 + $rest + $stagger;
    }

    private function powerCycles(): void
    {
        $keep = $this->board->program->keptAfterSeconds?->value;
        $kept = 1.0 + (is_float($keep) ? $keep : Usual::KEPT_AFTER_SECONDS);
        foreach (array_keys($this->board->lines) as $line) {
            foreach ([true, false] as $wasOn) {
                $first = $wasOn ? $this->starter($line) : new TrialPhase([], [], 0.1, tells: false);
                if (null === $first) {
                    continue;
                }
                $expected = [];
                foreach (array_keys($this->board->lines) as $other) {
                    $expected[$other] = $this->afterCut($other, $wasOn && $other === $line);
                }
                foreach ($first->expected as $stirred => $on) {
                    // What a sensor still asks for comes back by itself, unless it may not.
                    $goesOn = $first->bySensor && !$this->board->mustNotStart($stirred);
                    $expected[$stirred] = null === $on || $goesOn ? $on : $expected[$stirred];
                }
                $this->cell(TrialKind::PowerCycle, $line, '', $wasOn ? 'it was on' : 'it was off', [
                    new TrialPhase($first->deeds, $first->expected, $first->withinSeconds, $kept, tells: false),
                    new TrialPhase(
                        [Deed::of(0.0, DeedKind::CutMains), Deed::of(self::DARK_SECONDS, DeedKind::MainsBack)],
                        $expected,
                        $this->backSeconds(),
                        mayMove: false,
                    ),
                ]);
            }
        }
    }

    private function closedAtPowerUp(): void
    {
        $contacts = [];
        foreach ($this->map->entries as $entry) {
            $function = $this->board->lines[$entry->line]->surfaces[$entry->surface]->function;
            if (in_array($entry->kind, [SurfaceKind::WallSwitch, SurfaceKind::PushButton, SurfaceKind::Knob], true) && '' !== $function) {
                $contacts[$function][$entry->line] = $entry;
            }
        }
        foreach ($contacts as $function => $entries) {
            $expected = [];
            foreach (array_keys($this->board->lines) as $line) {
                $expected[$line] = $this->afterCut($line, isset($entries[$line]) && $this->follows($line, $entries[$line]));
            }
            $this->cell(TrialKind::ClosedAtPowerUp, '', $function, '', [new TrialPhase(
                [Deed::of(0.0, DeedKind::Close, $function), Deed::of(0.5, DeedKind::MainsBack)],
                $expected,
                $this->backSeconds(),
                tells: false,
            ), ...$this->thenActs($function, $entries)], fromDark: true);
        }
    }

    /**
     * The program runs: a surface beside the one that was closed acts.
     *
     * @param array<string, Entry> $entries
     * @return list<TrialPhase>
     */
    private function thenActs(string $function, array $entries): array
    {
        foreach ($this->operated as $line => $all) {
            foreach ($all as $by) {
                $own = $this->board->lines[$line]->surfaces[$by->surface]->function;
                if ($by->isHere && null !== $by->on && $own !== $function && false === $this->afterCut($line, false)) {
                    return [new TrialPhase($by->on, [$line => true], $by->withinSeconds, tells: false)];
                }
            }
        }

        return [];
    }

    private function pairs(): void
    {
        foreach ($this->operated as $line => $all) {
            $byKind = [];
            foreach ($all as $by) {
                if (SurfaceKind::SensorRule !== $by->kind && null !== $by->off) {
                    $byKind[$by->kind->value . ' ' . $this->map->entries[$by->surface]->column] ??= $by;
                }
            }
            $kinds = array_values($byKind);
            foreach ($kinds as $place => $one) {
                foreach (array_slice($kinds, $place + 1) as $other) {
                    $this->pair($line, $one, $other);
                }
            }
        }
    }

    private function pair(string $line, Operated $one, Operated $other): void
    {
        // Whoever may put it on goes first.
        [$one, $other] = $this->mayStart($one) ? [$one, $other] : [$other, $one];
        if (null === $one->on || !$this->mayStart($one) || count($one->on) > 1 || count($other->off ?? []) > 1) {
            return;
        }
        $first = $one->on[0];
        $second = $other->off[0] ?? $first;
        [$here, $there] = [$this->arrives($one), self::PAIR_SECONDS + $this->arrives($other)];
        // Whichever comes last wins; what comes within a debounce of the other may come either way. Two that flip end where they began.
        $expected = abs($there - $here) < 0.1 ? null : $there < $here && !($one->flips && $other->flips);
        $this->cell(TrialKind::Pair, $line, $one->surface, $other->surface, [new TrialPhase(
            [$first, new Deed(self::PAIR_SECONDS, $second->do, $second->what, $second->value)],
            [$line => $expected],
            max($one->withinSeconds, $other->withinSeconds) + 1.0,
            max($one->withinSeconds, $other->withinSeconds),
            mayStart: true,
        )]);
    }

    /** Whether somebody may put a line on by a surface that can. */
    private function mayStart(Operated $by): bool
    {
        return null !== $by->on && ($by->isHere || !$this->board->mustNotStart($by->line));
    }

    /** Seconds from an act to the board, at the most. */
    private function arrives(Operated $by): float
    {
        $route = $this->map->routes[$this->map->entries[$by->surface]->column] ?? null;
        if (null === $route) {
            return SurfaceKind::InfraredKey === $by->kind ? 0.07 : 0.05;
        }

        return Ways::slowest($route);
    }

    private function held(): void
    {
        foreach ($this->operated as $line => $all) {
            foreach ($all as $by) {
                $operation = $this->map->entries[$by->surface]->operation;
                $isKey = SurfaceKind::InfraredKey === $by->kind || SurfaceKind::PushButton === $by->kind;
                if ($isKey && null !== $by->on && Operation::Push !== $operation) {
                    $this->cell(TrialKind::Held, $line, $by->surface, '', [new TrialPhase(
                        [Deed::of(0.0, DeedKind::Press, $by->surface, '', self::HELD_SECONDS)],
                        [$line => true],
                        $by->withinSeconds,
                        self::HELD_SECONDS + 0.5,
                    )]);
                }
            }
        }
    }

    private function lost(): void
    {
        foreach ($this->operated as $line => $all) {
            foreach ($all as $by) {
                $route = $this->map->routes[$this->map->entries[$by->surface]->column] ?? null;
                $lossy = null;
                foreach ($route->hops ?? [] as $hop) {
                    $lossy = $hop->losesMessages() ? $hop : $lossy;
                }
                if (null === $lossy || null === $by->on || null === $by->off || $this->board->mustNotStart($line)) {
                    continue;
                }
                // Somebody means on, and later off: with the first message lost the line must still end up off.
                $this->cell(TrialKind::Lost, $line, $by->surface, '', [
                    new TrialPhase(
                        [Deed::of(0.0, DeedKind::Lose, $lossy->id), ...$by->on],
                        [$line => false],
                        $by->withinSeconds,
                        $by->withinSeconds,
                        tells: false,
                    ),
                    new TrialPhase($by->off, [$line => false], $by->withinSeconds, $by->withinSeconds),
                ]);
            }
        }
    }

    private function groups(): void
    {
        foreach ($this->board->lineGroups as $id => $group) {
            foreach ($group->keys as $keyId => $key) {
                if (!$key->operation->isStepwise() && !($key->isInfrared() && null === $key->code)) {
                    [$on, $off] = self::keyed($keyId, $key);
                    $this->group($id, $group, $keyId, $on, $off, 0.5);
                }
            }
            foreach ($group->channels as $channel) {
                $this->groupOn($id, $group, $channel);
            }
        }
    }

    /**
     * What is done to switch a group on and off by one of its keys.
     *
     * @return array{?list<Deed>, ?list<Deed>}
     */
    private static function keyed(string $id, GroupKey $key): array
    {
        $isStaying = SurfaceKind::WallSwitch === $key->kind && Operation::Explicit === $key->operation;
        $on = [Deed::of(0.0, $isStaying ? DeedKind::Close : DeedKind::Press, $id)];
        $off = [Deed::of(0.0, $isStaying ? DeedKind::Open : DeedKind::Press, $id)];
        $onlyOn = Operation::Scene === $key->operation || Operation::On === $key->operation;

        return [$key->operation->canSwitchOn() ? $on : null, $onlyOn ? null : $off];
    }

    private function groupOn(string $id, LineGroup $group, string $channel): void
    {
        $entry = $this->map->groupsAt($id, $channel)[0] ?? null;
        $route = $this->map->routes[$channel];
        $last = $route->hops[count($route->hops) - 1];
        if (null === $entry || null === $last->channel->blockSeconds && null === $last->profile->setsPins
            && !$last->profile->addressing->isAnsweredByTheBoard()) {
            return;
        }
        $what = $id . '@' . $channel;
        $this->group(
            $id,
            $group,
            $what,
            '' === $entry->on ? null : [Deed::of(0.0, DeedKind::Say, $what, 'on')],
            '' === $entry->off ? null : [Deed::of(0.0, DeedKind::Say, $what, 'off')],
            Ways::slowest($route),
        );
    }

    /**
     * @param ?list<Deed> $on
     * @param ?list<Deed> $off
     */
    private function group(string $id, LineGroup $group, string $by, ?array $on, ?array $off, float $delay): void
    {
        $isScene = LineGroupKind::Scene === $group->kind;
        $expected = [];
        foreach ($group->lines as $line) {
            $safety = $this->board->lines[$line]->safety;
            $mayStart = !$this->board->mustNotStart($line) && true !== $safety?->barredFromGroups?->value;
            $expected[$line] = $mayStart && (!$isScene || in_array($line, $group->lit, true));
            // Of those that may never run together the last one stays on; how many may run at once is tried elsewhere.
            if ($this->hasRivalIn($line, $group) || is_int($this->board->box?->atOnce?->value)) {
                $expected[$line] = null;
            }
        }
        $stagger = $this->board->program->staggerSeconds?->value;
        $within = $delay + 1.0 + (is_float($stagger) ? $stagger : 0.0) * count($group->lines);
        $phases = [];
        if (null !== $on) {
            $phases[] = new TrialPhase($on, $expected, $within, 1.0);
        } else {
            foreach ($group->lines as $line) {
                $starter = $this->hasRivalIn($line, $group) ? null : $this->starter($line);
                // No more of them are put on than may run at once.
                if (null !== $starter && count($phases) < ($this->board->box->atOnce->value ?? PHP_INT_MAX)) {
                    $phases[] = $starter;
                }
            }
        }
        if (null !== $off) {
            $phases[] = new TrialPhase($off, array_fill_keys($group->lines, false), $within, 1.0);
        }
        $this->cell(TrialKind::Group, '', $by, $group->name, $phases);
    }

    private function hasRivalIn(string $line, LineGroup $group): bool
    {
        foreach ($this->rivals($line) as $rival) {
            if (in_array($rival, $group->lines, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return list<string> lines that may never run together with one
     */
    private function rivals(string $line): array
    {
        $rivals = [];
        foreach ($this->board->groups as $group) {
            if (GroupKind::NeverTogether !== $group->kind) {
                continue;
            }
            $lines = [];
            foreach ($group->functions as $function) {
                $relay = $this->board->actuatorOf($function);
                $lines[] = null === $relay ? '' : $this->board->lineOf($relay);
            }
            if (in_array($line, $lines, true)) {
                array_push($rivals, ...array_diff($lines, [$line, '']));
            }
        }

        return $rivals;
    }

    private function allAtOnce(): void
    {
        $deeds = $expected = [];
        $within = 0.0;
        foreach ($this->operated as $line => $all) {
            foreach ($all as $by) {
                if ($by->isHere && null !== $by->on && 1 === count($by->on) && !isset($expected[$line])) {
                    $deeds[] = $by->on[0];
                    $expected[$line] = [] === $this->rivals($line) && !is_int($this->board->box?->atOnce?->value) ? true : null;
                    $within = max($within, $by->withinSeconds);
                }
            }
        }
        if (count($deeds) > 1) {
            // One remote sends one code at a time.
            $keys = 0;
            foreach ($deeds as $place => $deed) {
                $isKey = SurfaceKind::InfraredKey === $this->map->entries[$deed->what]->kind;
                $deeds[$place] = new Deed($isKey ? 0.25 * $keys++ : 0.0, $deed->do, $deed->what, $deed->value);
            }
            $this->cell(TrialKind::AllAtOnce, '', '', '', [new TrialPhase($deeds, $expected, $within + 0.25 * $keys, 1.0)]);
        }
    }
}

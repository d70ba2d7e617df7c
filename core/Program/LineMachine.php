<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\StepMap;

/** Brings lines to what is asked of them, as soon as rest, dead time, limit and the others of their group let it. */
final readonly class LineMachine
{
    public function __construct(private ProgramPlan $plan) {}

    /** Does what an act asks for, of a line or of a whole group. */
    public function act(Memory $memory, Act $act): void
    {
        if ($act->isOnGroup()) {
            $this->actOnGroup($memory, $act);
        } elseif (isset($this->plan->lines[$act->target])) {
            $this->actOn($memory, $this->plan->lines[$act->target], $act, false);
        }
    }

    private function actOnGroup(Memory $memory, Act $act): void
    {
        $group = $this->plan->groups[$act->target] ?? null;
        if (null === $group) {
            return;
        }
        // A toggle is decided once for all of them, so that they end up alike.
        $isAnyOn = [] !== array_filter($group->lines, static fn(string $line): bool => $memory->wanted[$line] > 0);
        $starts = 0;
        foreach ($group->lines as $id) {
            $line = $this->plan->lines[$id];
            $wish = match ($act->wish) {
                Wish::Scene => in_array($id, $group->lit, true) ? Wish::On : Wish::Off,
                Wish::Toggle => $isAnyOn ? Wish::Off : Wish::On,
                default => $act->wish,
            };
            $wasOn = $memory->wanted[$id] > 0;
            $memory->notBefore[$id] = $memory->now + $starts * $this->plan->staggerMicros;
            $this->actOn($memory, $line, $act->saying($wish, $act->value), true);
            $starts += !$wasOn && $memory->wanted[$id] > 0 ? 1 : 0;
        }
    }

    private function actOn(Memory $memory, LinePlan $line, Act $act, bool $byGroup): void
    {
        $step = $this->asked($memory, $line, $act);
        if (!$byGroup) {
            unset($memory->notBefore[$line->id]);
        }
        if ($step > 0) {
            $refusal = $this->refusal($memory, $line, $act->presence, $byGroup);
            if (null !== $refusal) {
                $memory->effect(EffectKind::Refuse, $line->id, says: $refusal);

                return;
            }
        }
        $this->want($memory, $line, $step);
    }

    /** The step that an act asks for, 0 for off. */
    private function asked(Memory $memory, LinePlan $line, Act $act): int
    {
        $now = $line->isTwoWay ? (int) ($memory->sensed[$line->id] ?? $memory->step[$line->id] > 0) : $memory->wanted[$line->id];
        $top = $line->top();

        return match ($act->wish) {
            Wish::On, Wish::Scene => $now > 0 ? $now : $this->onStep($memory, $line),
            Wish::Off => 0,
            Wish::Toggle => $now > 0 ? 0 : $this->onStep($memory, $line),
            Wish::Up => min($top, $now + 1),
            Wish::Down => max(0, $now - 1),
            Wish::Next => $now < $top ? $now + 1 : 0,
            Wish::Step => min($top, $act->value),
            Wish::Percent => self::ofPercent($act->value, $top),
        };
    }

    private static function ofPercent(int $percent, int $top): int
    {
        return StepMap::step($percent, $top);
    }

    /** A motor that runs both ways goes the other way than it did; all else takes the step in which it last ran, or the first. */
    private function onStep(Memory $memory, LinePlan $line): int
    {
        $last = $memory->last[$line->id] ?? 0;

        return match (true) {
            0 === $line->top() => 0,
            $line->runsBothWays => 1 === $last ? 2 : 1,
            default => max(1, min($line->top(), $last)),
        };
    }

    private function refusal(Memory $memory, LinePlan $line, Presence $presence, bool $byGroup): ?string
    {
        return match (true) {
            $memory->isHalted => 'the program has started anew too often, and keeps everything off',
            !$line->mayBeStartedBy($presence) => sprintf('it may never start by itself, and whoever asks is %s', $presence->value),
            $byGroup && $line->isBarred => 'no act on a group may switch it on',
            // A group that is acted on from the board itself is still an act in sight of no single appliance.
            $byGroup && $line->mustNotStart => 'it may never start by itself, and a group may only switch it off',
            $this->isFull($memory, $line) => sprintf('only %d lines may run at once', (int) $this->plan->atOnce),
            default => null,
        };
    }

    private function isFull(Memory $memory, LinePlan $line): bool
    {
        if (null === $this->plan->atOnce || !$line->counts || $memory->wanted[$line->id] > 0) {
            return false;
        }
        $running = 0;
        foreach ($this->plan->lines as $id => $other) {
            // What must make room for this one does not count.
            $running += $other->counts && $memory->wanted[$id] > 0 && !isset($line->apart[$id]) ? 1 : 0;
        }

        return $running >= $this->plan->atOnce;
    }

    /** Asks a line for a step; whoever may not run beside it makes room. */
    public function want(Memory $memory, LinePlan $line, int $step): void
    {
        $memory->wanted[$line->id] = $step;
        if ($step > 0) {
            foreach (array_keys($line->apart) as $other) {
                $memory->wanted[$other] = 0;
                $this->settle($memory, $this->plan->lines[$other]);
            }
        }
        $this->settle($memory, $line);
    }

    /** Brings a line as far as it may go at this moment. */
    public function settle(Memory $memory, LinePlan $line): void
    {
        $id = $line->id;
        $memory->forget('line:' . $id);
        if ($line->isTwoWay) {
            $this->settleTwoWay($memory, $line);

            return;
        }
        [$wanted, $step] = [$memory->wanted[$id], $memory->step[$id]];
        if ($wanted === $step) {
            return;
        }
        if ($step > 0) {
            $this->open($memory, $line);
            $memory->stepping[$id] = true;
        }
        if (0 === $wanted) {
            unset($memory->stepping[$id]);

            return;
        }
        $at = $this->startsAt($memory, $line);
        if ($at > $memory->now) {
            $memory->later('line:' . $id, $at);
            $memory->effect(EffectKind::Wait, $id, says: sprintf('for %.2f s more', Micros::seconds($at - $memory->now)));

            return;
        }
        $this->close($memory, $line, $wanted);
    }

    /** The earliest moment at which a line may start. */
    private function startsAt(Memory $memory, LinePlan $line): int
    {
        $id = $line->id;
        $at = $memory->notBefore[$id] ?? 0;
        $openedAt = $memory->openedAt[$id] ?? null;
        if (null !== $openedAt) {
            // Between two steps only the pause counts; a rest is for what has stood still.
            $rest = isset($memory->stepping[$id]) ? 0 : $line->restMicros;
            $at = max($at, $openedAt + max($rest, $line->top() > 1 ? $line->pauseMicros : 0));
        }
        foreach ($line->apart as $other => $pause) {
            $at = max($at, isset($memory->openedAt[$other]) ? $memory->openedAt[$other] + $pause : 0);
        }

        return $at;
    }

    private function close(Memory $memory, LinePlan $line, int $step): void
    {
        $memory->step[$line->id] = $step;
        $memory->last[$line->id] = $step;
        unset($memory->notBefore[$line->id], $memory->stepping[$line->id]);
        foreach ($line->steps[$step - 1] as $relay) {
            if (isset($line->outputs[$relay])) {
                $this->drive($memory, $line->outputs[$relay], true);
            }
        }
        if ($line->runMicros > 0) {
            $memory->later('run:' . $line->id, $memory->now + $line->runMicros);
        }
    }

    private function open(Memory $memory, LinePlan $line): void
    {
        $memory->step[$line->id] = 0;
        $memory->openedAt[$line->id] = $memory->now;
        $memory->forget('run:' . $line->id);
        foreach ($line->outputs as $output) {
            $this->drive($memory, $output, false);
        }
        if (null !== $line->sense) {
            $memory->later('weld:' . $line->id, $memory->now + Micros::of(Usual::WELD_ALARM_SECONDS));
        }
    }

    /** One end of a two-way circuit: it is turned over where what is sensed is not what is wanted. */
    private function settleTwoWay(Memory $memory, LinePlan $line): void
    {
        $isOn = $memory->sensed[$line->id] ?? $memory->step[$line->id] > 0;
        if ($isOn === $memory->wanted[$line->id] > 0) {
            return;
        }
        $isClosed = $memory->step[$line->id] > 0;
        $isClosed ? $this->open($memory, $line) : $this->close($memory, $line, 1);
        $memory->forget('weld:' . $line->id);
    }

    /** Closes or opens one contact. */
    public function drive(Memory $memory, OutputPlan $output, bool $closed): void
    {
        if ($output->isPulsed()) {
            $function = $closed === $output->restsClosed ? $output->opener : $output->function;
            if (null !== $function) {
                $other = $function === $output->function ? $output->opener : $output->function;
                if (null !== $other) {
                    $this->set($memory, $other, false);
                }
                $this->set($memory, $function, true);
                $memory->later('pulse:' . $function, $memory->now + $output->pulseMicros);
            }

            return;
        }
        $this->set($memory, $output->function, $closed !== $output->restsClosed);
    }

    public function set(Memory $memory, string $function, bool $active): void
    {
        if (isset($memory->active[$function]) === $active) {
            return;
        }
        if ($active) {
            $memory->active[$function] = true;
        } else {
            unset($memory->active[$function]);
            $memory->forget('pulse:' . $function);
        }
        $memory->effect(EffectKind::Output, $function, $active);
    }

    /**
     * What lines do when the program starts: one after the other, each in its own way.
     *
     * @param array<string, bool> $closed contacts that are closed, by function
     */
    public function restore(Memory $memory, Kept $kept, array $closed): void
    {
        $starts = 0;
        foreach ($this->plan->lines as $id => $line) {
            $step = match ($line->restore) {
                RestorePolicy::Off => 0,
                RestorePolicy::Last => min($line->top(), $kept->steps[$id] ?? 0),
                RestorePolicy::On => $this->onStep($memory, $line),
            };
            $said = $line->followsSwitch ? $this->switchSays($id, $closed) : null;
            $step = match ($said) {
                null => $step,
                true => max(1, $step),
                false => 0,
            };
            $step = min($step, $line->top());
            if ($step > 0 && ($line->mustNotStart || $memory->isHalted || $this->isFull($memory, $line))) {
                $step = 0;
            }
            if ($step > 0) {
                $memory->notBefore[$id] = $memory->now + $starts++ * $this->plan->staggerMicros;
                $memory->last[$id] = $step;
                $this->want($memory, $line, $step);
            }
        }
    }

    /**
     * What the maintained switch of a line says by its position.
     *
     * @param array<string, bool> $closed
     */
    private function switchSays(string $line, array $closed): ?bool
    {
        foreach ($this->plan->contacts as $function => $contact) {
            foreach ($contact->stays ? $contact->acts : [] as [$act, $operation]) {
                if ($act->target === $line && Operation::Explicit === $operation) {
                    return $closed[$function] ?? false;
                }
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\PulseDistance;

/** Contacts that must come to rest, knobs with their positions, and keys that are held. */
final readonly class Inputs
{
    public function __construct(private ProgramPlan $plan, private LineMachine $lines) {}

    /** A contact moves, perhaps not for the last time. */
    public function moved(Memory $memory, string $function, bool $closed): void
    {
        $memory->raw[$function] = $closed;
        if (($memory->settled[$function] ?? false) === $closed) {
            $memory->forget('contact:' . $function);
        } else {
            $memory->later('contact:' . $function, $memory->now + $this->plan->debounceMicros);
        }
    }

    /** A contact has rested for long enough. */
    public function settled(Memory $memory, string $function): void
    {
        $closed = $memory->raw[$function] ?? false;
        if (($memory->settled[$function] ?? false) === $closed) {
            return;
        }
        $memory->settled[$function] = $closed;
        if (isset($this->plan->positions[$function])) {
            $this->selected($memory, $this->plan->selectors[$this->plan->positions[$function]], $function, $closed);
        }
        foreach ($this->plan->contacts[$function]->acts ?? [] as [$act, $operation]) {
            $asked = $this->plan->contacts[$function]->stays
                ? self::switched($act, $operation, $closed)
                : self::pressed($act, $operation, $closed);
            if (null !== $asked) {
                $this->lines->act($memory, $asked);
            }
        }
    }

    private static function switched(Act $act, Operation $operation, bool $closed): ?Act
    {
        return match (true) {
            Operation::Explicit === $operation => $act->saying($closed ? Wish::On : Wish::Off),
            Operation::Toggle === $operation => $act->saying(Wish::Toggle),
            $closed => $act,
            default => null,
        };
    }

    private static function pressed(Act $act, Operation $operation, bool $closed): ?Act
    {
        return match (true) {
            $closed => $act,
            Operation::Push === $operation => $act->saying(Wish::Off),
            default => null,
        };
    }

    private function selected(Memory $memory, SelectorPlan $selector, string $function, bool $closed): void
    {
        if ($closed) {
            $memory->forget('gap:' . $selector->id);
            $this->turned($memory, $selector->id, (int) array_search($function, $selector->functions, true));
        } elseif ([] === array_filter($selector->functions, static fn(string $one): bool => $memory->settled[$one] ?? false)) {
            $memory->later('gap:' . $selector->id, $memory->now + Micros::of(Usual::GAP_SECONDS));
        }
    }

    /** A knob stands between its contacts for good: off, where it has no contact for that. */
    public function gap(Memory $memory, string $id): void
    {
        $selector = $this->plan->selectors[$id];
        $memory->position[$id] = null;
        foreach ($selector->acts as $act) {
            if ($selector->positions <= $this->plan->lines[$act->target]->top()) {
                $this->lines->act($memory, $act->saying(Wish::Step, 0));
            }
        }
    }

    /** A knob counts when it is moved, and not before. */
    public function turned(Memory $memory, string $id, int $position): void
    {
        if (($memory->position[$id] ?? null) === $position || !isset($this->plan->selectors[$id])) {
            return;
        }
        $memory->position[$id] = $position;
        $selector = $this->plan->selectors[$id];
        foreach ($selector->acts as $act) {
            $this->lines->act($memory, $act->saying(Wish::Step, $selector->step($position, $this->plan->lines[$act->target]->top())));
        }
    }

    /** A frame is complete: a key, or the sign that the last one is still held. */
    public function key(Memory $memory, string $receiver, string $code): void
    {
        $held = $memory->held[$receiver] ?? null;
        if ('repeat' === $code) {
            if (null !== $held) {
                $this->keepHeld($memory, $receiver, $held[0]);
            }

            return;
        }
        $key = PulseDistance::key(new InfraredCode(InfraredEncoding::PulseDistance, $code));
        $isHeld = null !== $held && $held[0] === $key;
        $acts = $this->plan->keys[$receiver][$key] ?? $this->raw($receiver, $code);
        if (null !== $held && !$isHeld) {
            $this->release($memory, $receiver);
        }
        $this->keepHeld($memory, $receiver, $key);
        if ($isHeld) {
            return;
        }
        if ([] === $acts) {
            $memory->effect(EffectKind::Ignore, $receiver, says: sprintf('no line is on the code 0x%s', $code));
        }
        foreach ($acts as [$act]) {
            $this->lines->act($memory, $act);
        }
    }

    /**
     * Acts on a code that was written down without its kind.
     *
     * @return list<array{Act, Operation}>
     */
    private function raw(string $receiver, string $code): array
    {
        return $this->plan->keys[$receiver][PulseDistance::key(new InfraredCode(InfraredEncoding::Raw, $code))] ?? [];
    }

    private function keepHeld(Memory $memory, string $receiver, string $key): void
    {
        $memory->held[$receiver] = [$key, $memory->now];
        $memory->later('key:' . $receiver, $memory->now + Micros::of(Usual::KEY_RELEASED_SECONDS));
    }

    public function keyReleased(Memory $memory, string $receiver): void
    {
        $this->release($memory, $receiver);
    }

    private function release(Memory $memory, string $receiver): void
    {
        $key = $memory->held[$receiver][0] ?? '';
        unset($memory->held[$receiver]);
        foreach ($this->plan->keys[$receiver][$key] ?? [] as [$act, $operation]) {
            if (Operation::Push === $operation) {
                $this->lines->act($memory, $act->saying(Wish::Off));
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Mains\LiveState;
use IronLatch\Core\Power\DipVictim;
use IronLatch\Core\Program\Micros;

/** From the level of a pin to the appliance: coils, armatures, contacts, and what runs behind them. */
final readonly class Coils
{
    private Board $board;
    /** @var array<string, list<RelayFacts>> by the name of the pin that drives them */
    private array $byPin;
    /** @var array<string, list<RelayFacts>> by line */
    private array $byLine;

    public function __construct(private BoardFacts $facts)
    {
        $this->board = $facts->inspection->board;
        $byPin = $byLine = [];
        foreach ($facts->relays as $relay) {
            $byLine[$relay->line][] = $relay;
            if (null !== $relay->pin) {
                $byPin[$relay->pin][] = $relay;
            }
        }
        $this->byPin = $byPin;
        $this->byLine = $byLine;
    }

    /** A pin is driven to a level, or let go. */
    public function pin(Scene $scene, string $pin, ?bool $high, int $cause): void
    {
        if (($scene->pins[$pin] ?? null) === $high) {
            return;
        }
        if (null === $high) {
            unset($scene->pins[$pin]);
        } else {
            $scene->pins[$pin] = $high;
        }
        $id = $scene->note(Happens::Pin, $pin, null === $high ? 'z' : ($high ? '1' : '0'), fn(): string => sprintf(
            '%s %s.',
            $pin,
            null === $high ? 'is let go' : ($high ? 'goes high' : 'goes low'),
        ), $cause);
        foreach ($this->byPin[$pin] ?? [] as $relay) {
            $this->coil($scene, $relay, null !== $high && (Level::High === $relay->energisedAt) === $high, $id);
        }
    }

    /** A coil gets its current, or loses it. */
    public function coil(Scene $scene, RelayFacts $relay, bool $on, int $cause): void
    {
        $on = $on && ($scene->sources[$this->facts->sourceOf[$relay->rail] ?? ''] ?? true);
        if (($scene->coils[$relay->id] ?? false) === $on) {
            return;
        }
        $scene->coils[$relay->id] = $on;
        $name = $this->board->nameOf($relay->id);
        $id = $scene->note(Happens::Coil, $relay->id, $on ? '1' : '0', fn(): string => sprintf(
            'The coil of “%s” %s.',
            $name,
            $on ? 'is fed' : 'is no longer fed',
        ), $cause);
        $move = $scene->moves[$relay->id] = ($scene->moves[$relay->id] ?? 0) + 1;
        if ($this->fails($scene, $relay, $on)) {
            $scene->note(Happens::Stays, $relay->id, $on ? '0' : '1', static fn(): string => sprintf(
                $on ? '“%s” does not pull in: its coil gets too little.' : '“%s” does not let go: enough is left on its coil.',
                $name,
            ), $id);

            return;
        }
        if ($on) {
            $scene->energisedAt[$relay->id] = $scene->now;
            $this->dip($scene, $relay, $id);
        }
        $this->sets($scene, $relay, $on, $move, $id);
    }

    /** Whether an armature does not follow its coil. */
    private function fails(Scene $scene, RelayFacts $relay, bool $on): bool
    {
        return $on ? !$relay->pullsIn : !$relay->letsGo && ($scene->armatures[$relay->id] ?? false);
    }

    /** An armature begins to move: that of the relay itself, or the one that its winding throws back. */
    private function sets(Scene $scene, RelayFacts $relay, bool $on, int $move, int $id): void
    {
        if (null !== $relay->opens) {
            if ($on) {
                $opened = $scene->moves[$relay->opens] = ($scene->moves[$relay->opens] ?? 0) + 1;
                $this->putOff($scene, $relay->opens, $opened, false, $relay->operateMicros, $relay->id, $move, $id);
            }
        } elseif ($on || !$relay->stays) {
            $this->putOff($scene, $relay->id, $move, $on, $on ? $relay->operateMicros : $relay->releaseMicros, $relay->id, $move, $id);
        }
    }

    /** An armature is on its way, for as long as nothing changes. */
    private function putOff(Scene $scene, string $relay, int $move, bool $in, int $micros, string $by, int $byMove, int $cause): void
    {
        $scene->later(new Pending($scene->now + $micros, 'armature', $relay, $cause, number: $move, on: $in, by: $by, byNumber: $byMove));
    }

    /** What the rail does when coils pull in together. */
    private function dip(Scene $scene, RelayFacts $relay, int $cause): void
    {
        $pulling = $holding = [];
        foreach ($this->facts->relays as $id => $other) {
            if ($other->rail === $relay->rail && ($scene->coils[$id] ?? false)) {
                if ($scene->now - ($scene->energisedAt[$id] ?? 0) <= Micros::of(Customary::TOGETHER_SECONDS)) {
                    $pulling[] = $id;
                } else {
                    $holding[] = $id;
                }
            }
        }
        $victim = $this->facts->suffersFrom($relay->rail, $pulling, $holding);
        if (null === $victim) {
            return;
        }
        $id = $scene->note(Happens::Rail, $relay->rail, 'dip', fn(): string => sprintf(
            'The rail “%s” dips as %d relays pull in together: %s.',
            $this->board->rails[$relay->rail]->name,
            count($pulling),
            $victim->value,
        ), $cause);
        match ($victim) {
            DipVictim::Controller => $scene->later(
                new Pending($scene->now + Micros::of(Customary::TOGETHER_SECONDS), 'brown-out', '', $id, number: $scene->starts),
            ),
            DipVictim::HeldRelays => array_walk($holding, fn(string $held) => $this->throws($scene, $held, false, $id)),
            default => array_walk($pulling, static fn(string $one) => $scene->moves[$one] = ($scene->moves[$one] ?? 0) + 1),
        };
    }

    /** An armature arrives where it was going, unless something has changed on the way. */
    public function arrives(Scene $scene, Pending $it): void
    {
        if (($scene->moves[$it->subject] ?? 0) === $it->number && ($scene->moves[$it->by] ?? 0) === $it->byNumber) {
            $this->throws($scene, $it->subject, $it->on, $it->cause);
        }
    }

    private function throws(Scene $scene, string $relay, bool $in, int $cause): void
    {
        if (($scene->armatures[$relay] ?? false) === $in) {
            return;
        }
        $scene->armatures[$relay] = $in;
        $facts = $this->facts->relays[$relay];
        $isWelded = isset($scene->welded[$relay]);
        $id = $scene->note(Happens::Relay, $relay, $in ? '1' : '0', fn(): string => sprintf(
            '“%s” %s%s.',
            $this->board->nameOf($relay),
            $in ? 'pulls in' : 'lets go',
            $isWelded ? ', but its contact is welded' : '',
        ), $cause);
        if ($in) {
            $this->looksForHarm($scene, $relay, $id);
        }
        $this->look($scene, $facts->line, $id);
        // Where contacts keep lines apart, one feeds the other.
        foreach ($this->facts->fedThrough as $other => $through) {
            if (in_array($relay, $through, true)) {
                $this->look($scene, $this->facts->relays[$other]->line, $id);
            }
        }
    }

    private function looksForHarm(Scene $scene, string $relay, int $cause): void
    {
        foreach ($this->facts->keptApart as $group => $pairs) {
            foreach ($pairs as [$one, $other]) {
                $second = $one === $relay ? $other : ($other === $relay ? $one : null);
                if (null !== $second && $this->isClosed($scene, $relay) && $this->isClosed($scene, $second)) {
                    ++$scene->harms;
                    $scene->note(Happens::Harm, $group, 'both', fn(): string => sprintf(
                        '“%s” and “%s” are closed together, which must never be%s.',
                        $this->board->nameOf($one),
                        $this->board->nameOf($other),
                        isset($this->facts->fedThrough[$second]) ? '; their contacts keep the current apart' : '',
                    ), $cause);
                }
            }
        }
    }

    public function isClosed(Scene $scene, string $relay): bool
    {
        return isset($scene->welded[$relay]) || ($scene->armatures[$relay] ?? false) !== $this->facts->relays[$relay]->restsClosed;
    }

    /** Whether current comes through the contact of a relay, and of those in series with it. */
    private function leads(Scene $scene, RelayFacts $relay): bool
    {
        if (!$this->isClosed($scene, $relay->id)) {
            return false;
        }
        foreach ($this->byLine[$relay->line] as $other) {
            if ($other->guards === $relay->id && !$this->isClosed($scene, $other->id)) {
                return false;
            }
        }
        foreach ($this->facts->fedThrough[$relay->id] ?? [] as $before) {
            if ($this->isClosed($scene, $before)) {
                return false;
            }
        }

        return true;
    }

    /** Looks what an appliance does now. */
    public function look(Scene $scene, string $line, int $cause): void
    {
        $does = $this->does($scene, $line);
        $was = $scene->running[$line] ?? 0;
        if ($does === $was) {
            return;
        }
        $scene->warmth[$line] = [$this->warmth($scene, $line), $scene->now];
        $scene->running[$line] = $does;
        $id = $scene->note(Happens::Appliance, $line, (string) $does, fn(): string => $this->says($line, $does), $cause);
        if (0 === $does) {
            $scene->restedAt[$line] = $scene->now;
            $scene->ranMicros[$line] = ($scene->ranMicros[$line] ?? 0) + $scene->now - $scene->begunAt[$line];
        } elseif (0 === $was) {
            $scene->begunAt[$line] = $scene->now;
            $scene->begun[$line] = ($scene->begun[$line] ?? 0) + 1;
            $this->looksForHaste($scene, $line, $id);
        }
        $sense = $this->facts->plan->lines[$line]->sense;
        if (null !== $sense) {
            $scene->later(new Pending($scene->now + Micros::of(Customary::SENSE_SECONDS), 'sense', $sense, $id, on: $does > 0));
        }
    }

    private function does(Scene $scene, string $line): int
    {
        $relays = [];
        foreach ($this->byLine[$line] ?? [] as $relay) {
            if (null === $relay->opens && null === $relay->guards && $this->leads($scene, $relay)) {
                $relays[] = $relay->id;
            }
        }
        $isClosed = [] !== $relays;
        if ($this->facts->plan->lines[$line]->isTwoWay) {
            $isClosed = $isClosed !== ($scene->otherSwitch[$line] ?? false);
            $relays = [];
        }
        if (!$isClosed || !$this->isFed($scene, $line)) {
            return 0;
        }
        $number = 1;
        foreach ($this->facts->plan->lines[$line]->steps as $place => $step) {
            $number = [] === array_diff($step, $relays) && [] === array_diff($relays, $step) ? $place + 1 : $number;
        }

        return $number;
    }

    /** Whether there is anything that an appliance could run from. */
    private function isFed(Scene $scene, string $line): bool
    {
        $one = $this->board->lines[$line];
        $appliance = $this->board->appliance($one);
        if (null === $appliance->dcVolts) {
            return $scene->hasMains;
        }
        $rail = $one->feed ?? array_values($one->actuators)[0]->rail ?? null;

        return $appliance->ownVoltage || null === $rail || ($scene->sources[$this->facts->sourceOf[$rail] ?? ''] ?? true);
    }

    /** Looks at every line again: mains or a rail has come or gone. */
    public function lookAtAll(Scene $scene, int $cause): void
    {
        foreach (array_keys($this->board->lines) as $line) {
            $this->look($scene, $line, $cause);
        }
    }

    /** How warm what heats is, as a share of what it comes to; 0 for all else. */
    public function warmth(Scene $scene, string $line): float
    {
        if (!$this->board->appliance($this->board->lines[$line])->heats) {
            return 0.0;
        }
        [$was, $at] = $scene->warmth[$line] ?? [0.0, $scene->now];
        $goal = ($scene->running[$line] ?? 0) > 0 ? 1.0 : 0.0;

        return $goal + ($was - $goal) * exp(-Micros::seconds($scene->now - $at) / Customary::WARMING_SECONDS);
    }

    /** Whether the inside of an appliance is live at this moment; null where that is not known. Off is not isolated. */
    public function isLive(Scene $scene, string $line): ?bool
    {
        $one = $this->board->lines[$line];
        $relay = array_key_first($one->actuators);
        if (null === $relay || null !== $this->board->appliance($one)->dcVolts || !$scene->hasMains) {
            return false;
        }
        $isClosed = $this->leads($scene, $this->facts->relays[$relay]);
        $states = LiveState::of(
            $one->actuators[$relay],
            $this->board->relay($one->actuators[$relay]),
            $one->conductor->value instanceof SwitchedConductor ? $one->conductor->value : null,
            $this->board->box?->inlet?->value instanceof InletKind ? $this->board->box->inlet->value : null,
        );

        return $states[$isClosed ? 2 : 0]->live;
    }

    private function looksForHaste(Scene $scene, string $line, int $cause): void
    {
        $rested = $scene->restedAt[$line] ?? null;
        if (null === $rested || !$this->board->appliance($this->board->lines[$line])->compressor) {
            return;
        }
        if ($scene->now - $rested < Micros::of(Customary::COMPRESSOR_REST_SECONDS)) {
            ++$scene->harms;
            $scene->note(Happens::Harm, $line, 'haste', fn(): string => sprintf(
                'The compressor of “%s” starts after a rest of %.1f s; it wants %.0f s.',
                $this->board->lines[$line]->name,
                Micros::seconds($scene->now - $rested),
                Customary::COMPRESSOR_REST_SECONDS,
            ), $cause);
        }
    }

    private function says(string $line, int $does): string
    {
        $name = $this->board->lines[$line]->name;
        $top = $this->facts->plan->lines[$line]->top();

        return match (true) {
            0 === $does => sprintf('“%s” comes to rest.', $name),
            $this->facts->plan->lines[$line]->runsBothWays => sprintf('“%s” runs %s.', $name, 1 === $does ? 'one way' : 'the other way'),
            $top > 1 => sprintf('“%s” runs in step %d of %d.', $name, $does, $top),
            default => sprintf('“%s” is on.', $name),
        };
    }

    /** Nothing drives the pins any more; an expander keeps what it was told. */
    public function release(Scene $scene, bool $withExpanders, int $cause): void
    {
        foreach (array_keys($scene->pins) as $pin) {
            $isKept = !$withExpanders && null !== ($this->facts->inspection->controller->pins[$pin] ?? null)?->expander;
            if (!$isKept) {
                $this->pin($scene, $pin, null, $cause);
            }
        }
        foreach ($this->facts->relays as $relay) {
            if ($withExpanders || !$relay->onExpander) {
                $this->coil($scene, $relay, false, $cause);
            }
        }
    }

    /** Coils of a rail that is gone let go, each in its own time. */
    public function railGone(Scene $scene, string $source, int $cause): void
    {
        foreach ($this->facts->relays as $relay) {
            if (($this->facts->sourceOf[$relay->rail] ?? '') === $source) {
                $this->coil($scene, $relay, false, $cause);
            }
        }
    }
}

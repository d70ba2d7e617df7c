<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/**
 * All that a running program remembers: nothing else of it changes. A copy of it is the same program at the same moment.
 */
final class Memory
{
    public int $now = 0;
    /** Number of the event that is being answered. */
    public int $cause = 0;
    /** Until then the program waits for a connection, and hears nothing. */
    public int $busyUntil = 0;
    public int $startedAt = 0;
    public int $resets = 0;
    /** Everything stays off until power is taken away: it has started anew too often. */
    public bool $isHalted = false;

    /** @var array<string, array{int, int}> when what is to be done, and the event that led to it, by what it is */
    public array $due = [];
    /** @var list<Effect> of the event that is being answered */
    public array $effects = [];

    /** @var array<string, int> the step that is asked for, by line */
    public array $wanted = [];
    /** @var array<string, int> the step whose contacts are closed, by line */
    public array $step = [];
    /** @var array<string, int> the step in which it last ran, by line */
    public array $last = [];
    /** @var array<string, int> when its contacts last opened, by line */
    public array $openedAt = [];
    /** @var array<string, int> before which it does not start, by line: others of its group go first */
    public array $notBefore = [];
    /** @var array<string, true> lines that are between two steps */
    public array $stepping = [];
    /** @var array<string, true> outputs that are active */
    public array $active = [];

    /** @var array<string, bool> whether a contact is closed, as it rests, by function */
    public array $settled = [];
    /** @var array<string, bool> whether a contact is closed at this moment, bounce included */
    public array $raw = [];
    /** @var array<string, ?int> position of a knob; null while nobody has moved it */
    public array $position = [];
    /** @var array<string, ?bool> whether its appliance is on, by line, as it is sensed */
    public array $sensed = [];
    /** @var array<string, true> lines whose contact has welded */
    public array $welded = [];

    /** @var array<string, InfraredDecoder> by receiver */
    public array $decoders = [];
    /** @var array<string, array{string, int}> the key that is held, and when its last frame came, by receiver */
    public array $held = [];

    /** @var array<string, bool> whether a rule wants its line on, by surface; not there before its first reading */
    public array $ruled = [];
    /** @var array<string, int> when a rule last changed its mind, by surface */
    public array $ruledAt = [];
    /** @var array<string, ?float> the last reading of a sensor, by function */
    public array $reading = [];

    /** Microseconds between the program’s own time and Monday 00:00; null while it does not know the time. */
    public ?int $weekOffset = null;

    /** @var array<string, bool> whether the other end of a channel is reached */
    public array $linked = [];
    /** @var array<string, int> microseconds until the next attempt, by channel */
    public array $retry = [];
    /** @var array<string, int> the state of a line as everybody was last told: a step, 0 for off */
    public array $told = [];
    /** @var array<string, bool> whether a lamp is lit */
    public array $lit = [];
    /** @var array<string, int> the steps that are in memory, by line */
    public array $kept = [];
    /** @var ?array<string, int> the steps that are about to be written, by line */
    public ?array $pending = null;

    public function __construct(public int $seed) {}

    public function __clone()
    {
        $this->decoders = array_map(static fn(InfraredDecoder $decoder): InfraredDecoder => clone $decoder, $this->decoders);
    }

    /** Puts something off until a moment, in place of what was put off under the same name. */
    public function later(string $what, int $at): void
    {
        $this->due[$what] = [$at, $this->cause];
    }

    public function forget(string $what): void
    {
        unset($this->due[$what]);
    }

    public function effect(EffectKind $kind, string $subject, bool $on = true, string $to = '', string $says = ''): void
    {
        $this->effects[] = new Effect($kind, $subject, $on, $to, $says, $this->cause);
    }

    /** A number from 0 to less than 1 that follows from the seed alone (a linear congruence of 31 bits). */
    public function chance(): float
    {
        $this->seed = ($this->seed * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return $this->seed / 0x80000000;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Control\Outage;
use IronLatch\Core\Program\Kept;
use IronLatch\Core\Program\Program;

/** Everything that changes during a run. A copy of it is the same moment once more, and goes on by itself. */
final class Scene
{
    public int $now = 0;
    public int $lastId = 0;
    /** Whether what happens is written down; a trial only looks at what comes of it. */
    public bool $isLogged = true;
    /** @var list<Happening> */
    public array $log = [];
    /** @var \SplPriorityQueue<int, Pending> */
    private \SplPriorityQueue $queue;
    private int $queued = 0;
    public Chances $chances;

    public bool $hasMains = false;
    /** Each cut counts one up, so that what was put off for the last one is known as stale. */
    public int $cuts = 0;
    /** @var array<string, bool> whether a source gives its voltage */
    public array $sources = [];
    /** @var array<string, true> outages by key */
    public array $outages = [];
    /** @var array<string, Outage> */
    public array $outage = [];

    /** “off”, “starting”, “running” or “stuck” */
    public string $chip = 'off';
    /** Each start counts one up. */
    public int $starts = 0;
    public int $resets = 0;
    public ?Program $program = null;
    public bool $isHung = false;
    public Kept $flash;

    /** @var array<string, bool> whether a contact is closed, by function */
    public array $contacts = [];
    /** @var array<string, int> how many senders are heard at a moment, by receiver */
    public array $carriers = [];
    /** @var array<string, ?float> what a sensor stands in, by function */
    public array $readings = [];
    /** @var array<string, true> sensors that say nothing */
    public array $lostSensors = [];
    /** @var array<string, int> position of a knob */
    public array $knobs = [];
    /** @var array<string, bool> the other switch of a two-way circuit, by line */
    public array $otherSwitch = [];

    /** @var array<string, bool> level of a driven pin, by its name; not there while nothing drives it */
    public array $pins = [];
    /** @var array<string, bool> whether a coil has current, by relay */
    public array $coils = [];
    /** @var array<string, bool> whether an armature is pulled in, by relay */
    public array $armatures = [];
    /** @var array<string, int> each movement that is put off counts one up, by relay */
    public array $moves = [];
    /** @var array<string, int> when a coil was last switched on, by relay */
    public array $energisedAt = [];
    /** @var array<string, true> relays whose contacts are welded */
    public array $welded = [];
    /** @var array<string, int> what an appliance does: 0 at rest, else its step, by line */
    public array $running = [];
    /** @var array<string, int> when it last came to rest, by line */
    public array $restedAt = [];
    /** @var array<string, int> when it last began, by line */
    public array $begunAt = [];
    /** @var array<string, int> how long it has run before, in microseconds, by line */
    public array $ranMicros = [];
    /** @var array<string, array{float, int}> share of its full warmth, and when it was that, by line of what heats */
    public array $warmth = [];
    /** @var array<string, int> how often it has begun, by line */
    public array $begun = [];
    /** @var array<string, bool> lamps that are lit, by function */
    public array $lamps = [];
    /** Harm that was done. */
    public int $harms = 0;

    /** @var array<string, bool> whether the board reaches a channel */
    public array $links = [];
    /** @var array<string, int> what a surface shows: a step, 0 for off; not there while it does not know */
    public array $shown = [];
    /** @var array<string, int> how often a surface was told something, and which of it it shows: what is older never replaces newer */
    public array $tellings = [];
    /** @var array<string, int> */
    public array $shownTelling = [];
    /** @var array<string, int> messages that will be lost next, by channel */
    public array $toLose = [];
    /** Minutes of the week at the beginning of the run, in microseconds from Monday 00:00. */
    public int $week = 0;

    public function __construct(int $seed)
    {
        $this->queue = new \SplPriorityQueue();
        $this->chances = new Chances($seed);
        $this->flash = new Kept();
    }

    public function __clone()
    {
        $this->queue = clone $this->queue;
        $this->chances = clone $this->chances;
        $this->program = null === $this->program ? null : clone $this->program;
    }

    /** Puts something off until its moment; of two for one moment the earlier put off comes first. */
    public function later(Pending $pending): void
    {
        // The higher number comes out first: microseconds in the upper bits, the order of putting off in the lower.
        $this->queue->insert($pending, -(($pending->at << 20) | ($this->queued++ & 0xFFFFF)));
    }

    /** What comes next of all that was put off; null when nothing is left. */
    public function next(): ?Pending
    {
        $next = $this->queue->isEmpty() ? null : $this->queue->top();

        return $next instanceof Pending ? $next : null;
    }

    /** Takes out what comes next. */
    public function take(): void
    {
        $this->queue->extract();
    }

    /**
     * Writes down what has happened, and gives it its number.
     *
     * @param string|\Closure(): string $words made only where they are wanted
     */
    public function note(Happens $kind, string $subject, string $value, \Closure|string $words, int $cause): int
    {
        $id = ++$this->lastId;
        if ($this->isLogged) {
            $said = is_string($words) ? $words : $words();
            $this->log[] = new Happening($id, $this->now, $kind, $subject, $value, $said, $cause);
        }

        return $id;
    }

    /**
     * What every part is now.
     *
     * @return array<string, string> by kind and subject, as happenings tell them: “relay A1”
     */
    public function states(): array
    {
        $states = [Happens::Mains->value . ' ' => $this->hasMains ? '1' : '0', Tracks::CHIP => $this->chip];
        foreach ([
            [Happens::Pin, $this->pins],
            [Happens::Coil, $this->coils],
            [Happens::Relay, $this->armatures],
            [Happens::Contact, $this->contacts],
            [Happens::Appliance, $this->running],
            [Happens::Lamp, $this->lamps],
            [Happens::Link, array_filter($this->links)],
            [Happens::Shown, $this->shown],
        ] as [$kind, $all]) {
            foreach ($all as $subject => $state) {
                $states[$kind->value . ' ' . $subject] = is_bool($state) ? ($state ? '1' : '0') : (string) $state;
            }
        }
        foreach (array_keys($this->outage) as $key) {
            $states[Happens::Outage->value . ' ' . $key] = 'gone';
        }

        return $states;
    }
}

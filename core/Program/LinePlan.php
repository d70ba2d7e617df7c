<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Board\RestorePolicy;

/** All that the program knows of one line. */
final readonly class LinePlan
{
    /**
     * @param array<string, OutputPlan> $outputs by relay
     * @param list<list<string>> $steps the relays whose contacts each step closes; one step for a line that is on or off
     * @param RestorePolicy $restore what it does when power comes back
     * @param bool $followsSwitch a maintained switch that was moved while the board was dead wins at once
     * @param bool $mustNotStart nothing and nobody but a present hand may switch it on
     * @param bool $remoteStart its papers allow that an absent hand does
     * @param bool $isBarred no act on a group may switch it on
     * @param int $restMicros that it stays off at least
     * @param int $pauseMicros between one of its relays opening and another closing
     * @param array<string, int> $apart microseconds of dead time by the line that it must never run together with
     * @param bool $runsBothWays its steps are the two directions of a motor
     * @param int $runMicros after which it is stopped, whatever it hears; 0 for never
     * @param bool $counts it is one of those of which only so many may run at once
     * @param ?string $sense id of the input that hears whether its appliance is on
     * @param bool $isTwoWay its contact is one end of a two-way circuit: on or off is known by the sense alone
     */
    public function __construct(
        public string $id,
        public array $outputs,
        public array $steps,
        public RestorePolicy $restore = RestorePolicy::Off,
        public bool $followsSwitch = false,
        public bool $mustNotStart = false,
        public bool $remoteStart = false,
        public bool $isBarred = false,
        public int $restMicros = 0,
        public int $pauseMicros = 0,
        public array $apart = [],
        public bool $runsBothWays = false,
        public int $runMicros = 0,
        public bool $counts = false,
        public ?string $sense = null,
        public bool $isTwoWay = false,
    ) {}

    /** Whether somebody may switch it on. */
    public function mayBeStartedBy(Presence $presence): bool
    {
        return match ($presence) {
            Presence::Here => true,
            Presence::Away => !$this->mustNotStart || $this->remoteStart,
            Presence::Itself => !$this->mustNotStart,
        };
    }

    public function top(): int
    {
        return count($this->steps);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Control\Outage;

/** One thing that a trial tries. */
final readonly class TrialCell
{
    /**
     * @param string $id the same for the same thing in every revision
     * @param string $line id; empty for the board as a whole
     * @param string $by id of the surface, key, contact or group
     * @param string $words what is tried, in few
     * @param list<TrialPhase> $phases
     * @param bool $isReached whether anything can come of it while the outage lasts
     * @param bool $fromDark it begins with a board without power
     * @param int $weekMicros the time of the week at which it does so, from Monday 00:00
     */
    public function __construct(
        public string $id,
        public TrialKind $kind,
        public string $line,
        public string $by,
        public ?Outage $outage,
        public string $words,
        public array $phases,
        public bool $isReached = true,
        public bool $fromDark = false,
        public int $weekMicros = 0,
    ) {}
}

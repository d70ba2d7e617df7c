<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** One act within a cell, and what must come of it. */
final readonly class TrialPhase
{
    /**
     * @param list<Deed> $deeds their times from the beginning of the phase
     * @param array<string, ?bool> $expected whether each line must be on; null where either will do, and for lines that are not named it is
     *     as it was
     * @param float $withinSeconds of the last deed
     * @param float $waitSeconds that nothing is looked at afterwards, so that what follows starts from rest
     * @param array<string, int> $steps the step in which a line must be, where that matters
     * @param bool $tells whether surfaces must show it
     * @param bool $mayMove other lines may do what they like meanwhile
     * @param bool $mayStart a line that must be off in the end may run before
     * @param bool $bySensor what switches on goes on asking for it
     */
    public function __construct(
        public array $deeds,
        public array $expected,
        public float $withinSeconds,
        public float $waitSeconds = 0.0,
        public array $steps = [],
        public bool $tells = true,
        public bool $mayMove = false,
        public bool $mayStart = false,
        public bool $bySensor = false,
    ) {}
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

/** What happens on a rail in one stretch of time, in seconds from its beginning. */
final readonly class RailMoment
{
    /**
     * @param ?float $pullInAt when the coils are switched on; null when they are in from the beginning
     * @param ?float $burstFrom when the radio begins to send; null for never
     * @param ?float $sourceOffFrom when the source stops; null for never
     * @param bool $startsEmpty the capacitors are empty at the beginning, and nothing but them draws until the rail has risen
     */
    private function __construct(
        public float $seconds,
        public float $step,
        public ?float $pullInAt,
        public ?float $burstFrom,
        public float $burstTo,
        public ?float $sourceOffFrom,
        public float $sourceOffTo,
        public bool $startsEmpty,
    ) {}

    /** All coils are switched on after 2 ms; when their current has risen, the radio sends for 8 ms. */
    public static function pullIn(float $seconds = 50e-3, float $step = 10e-6): self
    {
        return new self($seconds, $step, 2e-3, 10e-3, 18e-3, null, 0.0, false);
    }

    /** The source goes off after 5 ms for a while, all coils being in. */
    public static function interruption(float $offSeconds): self
    {
        $end = 5e-3 + $offSeconds + 20e-3;

        return new self($end, max(20e-6, $end / 1500), null, null, 0.0, 5e-3, 5e-3 + $offSeconds, false);
    }

    public static function coldStart(float $seconds = 50e-3, float $step = 10e-6): self
    {
        return new self($seconds, $step, INF, null, 0.0, null, 0.0, true);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** A cell of the trial once more, with everything that happened in it. */
final readonly class Replay
{
    /**
     * @param list<Happening> $happenings in the order of time
     * @param array<string, string> $first what every part was at the beginning, as a Scene tells it
     * @param int $beganMicros when the cell began; before that the board came to rest
     * @param ?int $failedMicros when it was seen to fail; null where nothing was wrong
     */
    public function __construct(
        public TrialResult $result,
        public array $happenings,
        public array $first,
        public int $beganMicros,
        public ?int $failedMicros,
    ) {}

    public function tracks(): Tracks
    {
        return Tracks::of($this->happenings, $this->first);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Bench;

use IronLatch\Core\Bench\Course;

/** What stands on the bench of a board: a run that can go on. */
final readonly class LiveBench
{
    /**
     * @param bool $runs time goes on after each act, until it is quiet
     * @param ?string $madeOn id of the revision on which the last thing was done, where that is not the one that is open
     * @param int $leftOut acts of the run that name what is no longer on the board
     */
    public function __construct(
        public Course $course,
        public bool $runs,
        public ?string $madeOn = null,
        public int $leftOut = 0,
    ) {}
}

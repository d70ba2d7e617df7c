<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;

/** What is done on the bench to show a finding, and what is to be seen of it. */
final readonly class Situation
{
    /**
     * @param string $points id of the part of the board to look at
     * @param string $says what is shown, in one sentence
     * @param \Closure(Course): bool $isSeen whether the fault shows in a run of the script
     * @param bool $needsProgram it shows only while the program runs: whatever else keeps the controller from starting is left out
     */
    public function __construct(
        public BenchScript $script,
        public string $points,
        public string $says,
        private \Closure $isSeen,
        private bool $needsProgram = true,
    ) {}

    /** The run that shows it on a board: the faulty one, or the same mended. */
    public function on(Inspection $inspection): Course
    {
        $course = Course::of($inspection, $this->script);

        return $this->needsProgram && null !== $course->facts->wontStart
            ? Course::of($inspection, Copy::of($this->script, ['startsAnyway' => true]))
            : $course;
    }

    public function isSeenIn(Course $course): bool
    {
        return ($this->isSeen)($course);
    }
}

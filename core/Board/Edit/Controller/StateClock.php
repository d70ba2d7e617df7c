<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\Schedule;
use IronLatch\Core\Record\ListOf;

/** States where timers have the time from, and what becomes of a time that was missed; what is left out stays as it was. */
#[Says(Nature::Choice)]
final readonly class StateClock implements Edit
{
    /**
     * @param list<string> $surfaces ids of timers
     */
    public function __construct(
        #[ListOf('string')]
        public array $surfaces,
        public ?ClockSource $clock = null,
        public ?MissedTime $missed = null,
    ) {}

    public function apply(Board $board): Board
    {
        if ([] === $this->surfaces || (null === $this->clock && null === $this->missed)) {
            throw new EditRefused('Nothing was stated. Choose a timer, and where it has the time from or what becomes of a missed time.');
        }
        foreach ($this->surfaces as $id) {
            [$line, $surface] = Targets::timer($board, $id);
            $schedule = $surface->schedule ?? new Schedule();
            $board = Targets::changeSurface(
                $board,
                $line,
                $id,
                ['schedule' => new Schedule($schedule->times, $this->clock ?? $schedule->clock, $this->missed ?? $schedule->missed)],
            );
        }

        return $board;
    }

    public function summary(Board $board): string
    {
        return sprintf('State the clock of %s', Targets::names($board, $this->surfaces));
    }
}

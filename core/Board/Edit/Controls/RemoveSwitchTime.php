<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Days;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Schedule;

/** Takes a time off a timer. */
final readonly class RemoveSwitchTime implements Edit
{
    public function __construct(public string $surface, public string $at, public Days $days = Days::All) {}

    public function apply(Board $board): Board
    {
        [$line, $surface] = Targets::timer($board, $this->surface);
        $schedule = $surface->schedule ?? new Schedule();
        $rest = $schedule->without($this->at, $this->days);
        if (count($rest->times) === count($schedule->times)) {
            throw new EditRefused(sprintf('This timer has no time %s, %s.', $this->at, $this->days->value));
        }

        return Targets::changeSurface($board, $line, $this->surface, ['schedule' => $rest]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Take %s off “%s”', $this->at, $board->nameOf($this->surface));
    }
}

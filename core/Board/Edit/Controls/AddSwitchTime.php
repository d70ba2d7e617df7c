<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Days;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Schedule;
use IronLatch\Core\Board\SwitchTime;

/** Adds a time to a timer. */
final readonly class AddSwitchTime implements Edit
{
    public function __construct(public string $surface, public string $at, public bool $on, public Days $days = Days::All) {}

    public function apply(Board $board): Board
    {
        [$line, $surface] = Targets::timer($board, $this->surface);

        return Targets::changeSurface(
            $board,
            $line,
            $this->surface,
            ['schedule' => ($surface->schedule ?? new Schedule())->plus(new SwitchTime(trim($this->at), $this->on, $this->days))],
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Switch %s at %s by “%s”', $this->on ? 'on' : 'off', trim($this->at), $board->nameOf($this->surface));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Seat;

/** Confirms how a pin’s name was read, where it can be read two ways. */
#[Says(Nature::Observation)]
final readonly class ConfirmReading implements Edit
{
    public function __construct(
        public string $function,
    ) {}

    public function apply(Board $board): Board
    {
        $seat = Targets::seat($board, $this->function);

        return $board->with(seats: [...$board->seats, $this->function => new Seat($seat->pin, $seat->locked, $seat->written, true)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Confirm that “%s” sits on %s', $board->nameOf($this->function), $board->seats[$this->function]->pin
            ?? 'its pin');
    }
}

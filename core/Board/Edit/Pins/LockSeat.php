<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Seat;

/** Locks a function on its pin, or lets it loose. */
final readonly class LockSeat implements Edit
{
    public function __construct(
        public string $function,
        public bool $locked,
    ) {}

    public function apply(Board $board): Board
    {
        $seat = Targets::seat($board, $this->function);

        return $board->with(seats: [
            ...$board->seats,
            $this->function => new Seat($seat->pin, $this->locked, $seat->written, $seat->confirmed),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('%s “%s”', $this->locked ? 'Lock' : 'Unlock', $board->nameOf($this->function));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Takes a function off its pin. */
final readonly class UnseatFunction implements Edit
{
    public function __construct(
        public string $function,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::seat($board, $this->function);
        $seats = $board->seats;
        unset($seats[$this->function]);

        return $board->with(seats: $seats);
    }

    public function summary(Board $board): string
    {
        return sprintf('Take “%s” off its pin', $board->nameOf($this->function));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Seat;

/** Removes an expander; what sat on it has no pin any more. */
final readonly class RemoveExpander implements Edit
{
    public function __construct(
        public string $expander,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::expander($board, $this->expander);
        $expanders = $board->expanders;
        unset($expanders[$this->expander]);
        $seats = array_filter($board->seats, fn(Seat $seat): bool => !str_starts_with($seat->pin, $this->expander . '.'));

        return $board->with(expanders: $expanders, seats: $seats, frozenSeats: array_intersect_key($board->frozenSeats, $seats));
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the expander “%s”', $board->nameOf($this->expander));
    }
}

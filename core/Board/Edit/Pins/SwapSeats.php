<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Seat;

/** Lets two functions change places. */
final readonly class SwapSeats implements Edit
{
    public function __construct(
        public string $first,
        public string $second,
    ) {}

    public function apply(Board $board): Board
    {
        $first = Targets::seat($board, $this->first);
        $second = Targets::seat($board, $this->second);
        if ($first->locked || $second->locked) {
            throw new EditRefused('One of the two is locked on its pin. Unlock it before you move it.');
        }

        return $board->with(seats: [...$board->seats, $this->first => new Seat($second->pin), $this->second => new Seat($first->pin)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Swap “%s” and “%s”', $board->nameOf($this->first), $board->nameOf($this->second));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;

/** Lets the frozen pin map go. */
final readonly class ThawPins implements Edit
{
    public function apply(Board $board): Board
    {
        return $board->with(frozenSeats: []);
    }

    public function summary(Board $board): string
    {
        return 'Let the frozen pin map go';
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;

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

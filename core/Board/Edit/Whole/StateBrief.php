<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Whole;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;

/** States what the board is wanted for; the board itself stays as it is. */
#[Says(Nature::Intention)]
final readonly class StateBrief implements Edit
{
    public function __construct(public Brief $brief) {}

    public function apply(Board $board): Board
    {
        return $board->with(brief: $this->brief->keeping(array_map(strval(...), array_keys($board->lines))));
    }

    public function summary(Board $board): string
    {
        return sprintf('State the brief: %d appliances', $this->brief->lines());
    }
}

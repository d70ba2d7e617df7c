<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Whole;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Gives the board another name. */
final readonly class RenameBoard implements Edit
{
    public function __construct(
        public string $name,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);

        return $board->with(name: $this->name);
    }

    public function summary(Board $board): string
    {
        return sprintf('Rename the board to “%s”', $this->name);
    }
}

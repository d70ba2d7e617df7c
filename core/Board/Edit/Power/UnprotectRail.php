<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;

/** Takes one protecting part of a rail away. */
final readonly class UnprotectRail implements Edit
{
    public function __construct(
        public string $rail,
        public string $protection,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        $place = array_search($this->protection, $rail->protection, true);
        if (false === $place) {
            throw new EditRefused(sprintf('This part does not protect the rail %s any more. Look at the newest revision.', $rail->name));
        }
        $left = $rail->protection;
        unset($left[$place]);

        return $board->with(rails: [...$board->rails, $this->rail => $rail->with(protection: array_values($left))]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Take a protection of the rail %s away', $board->nameOf($this->rail));
    }
}

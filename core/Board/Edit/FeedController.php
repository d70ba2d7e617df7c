<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;

/** Feeds the controller's carrier from a rail. */
final readonly class FeedController implements Edit
{
    public function __construct(
        public string $rail,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::rail($board, $this->rail);

        return $board->with(controllerRail: $this->rail);
    }

    public function summary(Board $board): string
    {
        return sprintf('Feed the controller from the rail %s', $board->nameOf($this->rail));
    }
}

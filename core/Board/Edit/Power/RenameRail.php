<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Gives a rail another name. */
final readonly class RenameRail implements Edit
{
    public function __construct(
        public string $rail,
        public string $name,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        Targets::requireName($this->name);

        return $board->with(rails: [...$board->rails, $this->rail => $rail->with(name: $this->name)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Call the rail %s “%s”', $board->nameOf($this->rail), $this->name);
    }
}

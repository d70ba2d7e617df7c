<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\Rail;
use IronLatch\Core\Catalogue\Supply;

/** Adds a low-voltage rail with its supply. */
final readonly class AddRail implements Edit
{
    public function __construct(
        public string $name,
        public Supply $supply,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        $ids = new Ids($board);
        $board = $board->withPart($this->supply);

        return $board->with(
            rails: [...$board->rails, $ids->next('R') => new Rail($this->name, $this->supply->identity->id)],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the rail %s', $this->name);
    }
}

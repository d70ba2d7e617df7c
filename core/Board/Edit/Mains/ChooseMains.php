<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Catalogue\MainsSystem;

/** States the mains system the board works on. */
final readonly class ChooseMains implements Edit
{
    public function __construct(
        public MainsSystem $mains,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->withPart($this->mains)->with(mains: $this->mains->identity->id);
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(sprintf('Work on %s', $this->mains->identity->name), $board, $this);
    }
}

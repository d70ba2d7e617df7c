<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Catalogue\MainsFuse;

/** Fits a fuse behind the inlet. */
final readonly class ChooseFuse implements Edit
{
    public function __construct(
        #[Question('Fuse behind the inlet', help: 'Rated no more than the thinnest wire behind it bears.')]
        public MainsFuse $fuse,
    ) {}

    public function apply(Board $board): Board
    {
        $board = $board->withPart($this->fuse);
        $box = $board->box ?? new MainsBox();

        return $board->with(box: $box->fusedBy($this->fuse->identity->id));
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(sprintf('Fit %s behind the inlet', $this->fuse->identity->name), $board, $this);
    }
}

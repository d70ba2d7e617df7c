<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Record\Copy;

/** Chooses the terms under which boards are made. */
final readonly class ChooseAssembler implements Edit
{
    public function __construct(
        #[Question('It is made under the terms of', help: 'Under Catalogue you can add the terms of yours, with the parts it keeps.')]
        public Assembler $assembler,
    ) {}

    public function apply(Board $board): Board
    {
        $board = $board->withPart($this->assembler);

        return $board->with(build: Copy::of($board->build, ['assembler' => $this->assembler->identity->id]));
    }

    public function summary(Board $board): string
    {
        return sprintf('Have it made: %s', $this->assembler->identity->name);
    }
}

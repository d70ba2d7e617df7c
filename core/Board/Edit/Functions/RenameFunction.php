<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Gives a function another name. */
final readonly class RenameFunction implements Edit
{
    public function __construct(
        public string $function,
        public string $name,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        $function = Targets::function($board, $this->function);

        return $board->with(functions: [...$board->functions, $this->function => $function->with(name: $this->name)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Rename “%s” to “%s”', $board->nameOf($this->function), $this->name);
    }
}

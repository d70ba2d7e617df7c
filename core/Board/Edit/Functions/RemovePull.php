<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Removes the pull resistor from a function’s wire. */
final readonly class RemovePull implements Edit
{
    public function __construct(
        public string $function,
    ) {}

    public function apply(Board $board): Board
    {
        $function = Targets::function($board, $this->function);

        return $board->with(functions: [...$board->functions, $this->function => $function->withPull(null)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the pull resistor for “%s”', $board->nameOf($this->function));
    }
}

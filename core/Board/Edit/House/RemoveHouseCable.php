<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Takes a cable between two places away. */
final readonly class RemoveHouseCable implements Edit
{
    public function __construct(public string $cable) {}

    public function apply(Board $board): Board
    {
        Targets::houseCable($board, $this->cable);

        return $board->with(houseCables: array_diff_key($board->houseCables, [$this->cable => true]));
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the cable “%s”', $board->nameOf($this->cable));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;

/** Removes a scenario. */
final readonly class RemoveScenario implements Edit
{
    public function __construct(
        public string $scenario,
    ) {}

    public function apply(Board $board): Board
    {
        if (!isset($board->scenarios[$this->scenario])) {
            throw new EditRefused('This scenario is not on the board any more. Look at the newest revision.');
        }
        $scenarios = $board->scenarios;
        unset($scenarios[$this->scenario]);

        return $board->with(scenarios: $scenarios);
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the scenario “%s”', $board->nameOf($this->scenario));
    }
}

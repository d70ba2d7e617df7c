<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PowerScenario;
use IronLatch\Core\Record\ListOf;

/** Adds a moment of the board’s life: which lines are on, and whether the radio sends. */
final readonly class AddScenario implements Edit
{
    /**
     * @param list<string> $lines ids of the lines that are on
     */
    public function __construct(
        public string $name,
        #[ListOf('string')]
        public array $lines = [],
        public bool $radioSends = false,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        foreach ($this->lines as $line) {
            Targets::line($board, $line);
        }
        $ids = new Ids($board);

        return $board->with(
            scenarios: [
                ...$board->scenarios,
                $ids->next('P') => new PowerScenario($this->name, array_values(array_unique($this->lines)), $this->radioSends),
            ],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the scenario “%s”', $this->name);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\PowerScenario;

/** Removes a line with its relays, and the functions that nothing else uses. */
final readonly class RemoveLine implements Edit
{
    public function __construct(
        public string $line,
    ) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        $lines = $board->lines;
        unset($lines[$this->line]);
        $scenarios = array_map(
            fn(PowerScenario $scenario): PowerScenario => new PowerScenario(
                $scenario->name,
                array_values(array_diff($scenario->lines, [$this->line])),
                $scenario->radioSends,
            ),
            $board->scenarios,
        );
        $candidates = null === $line->sense ? [] : [$line->sense->function];
        foreach ($line->actuators as $actuator) {
            $candidates[] = $actuator->function;
        }
        foreach ($line->surfaces as $surface) {
            $candidates[] = $surface->function;
        }

        $groups = array_map(
            fn(LineGroup $group): LineGroup => $group->ofLines(...array_values(array_diff($group->lines, [$this->line]))),
            $board->lineGroups,
        );

        return Targets::withoutUnused(
            $board->with(lines: $lines, scenarios: $scenarios, lineGroups: $groups),
            array_values(array_filter($candidates, static fn(string $id): bool => '' !== $id)),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the line “%s”', $board->nameOf($this->line));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FittedExpander;

/** Takes a group apart; a bus goes with its signals. */
final readonly class RemoveGroup implements Edit
{
    public function __construct(
        public string $group,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::group($board, $this->group);
        if ([] !== array_filter($board->expanders, fn(FittedExpander $expander): bool => $expander->bus === $this->group)) {
            throw new EditRefused(sprintf('An expander hangs on “%s”. Remove the expander first.', $group->name));
        }
        $groups = $board->groups;
        unset($groups[$this->group]);
        $board = $board->with(groups: $groups);

        return [] === $group->kind->functions() ? $board : Targets::withoutUnused($board, $group->functions);
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the group “%s”', $board->nameOf($this->group));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\StepBank;

/** Takes a step away from a motor; its relays stay. */
final readonly class RemoveStep implements Edit
{
    /**
     * @param int $number from 1, as the steps are listed
     */
    public function __construct(public string $group, public int $number) {}

    public function apply(Board $board): Board
    {
        $group = Targets::stepGroup($board, $this->group);
        $steps = $group->steps();
        if (!isset($steps[$this->number - 1])) {
            throw new EditRefused(sprintf('“%s” has no step %d. Load the page again.', $group->name, $this->number));
        }
        if (count($steps) < 2) {
            throw new EditRefused('The last step stays. Remove the group instead.');
        }
        unset($steps[$this->number - 1]);

        return $board->with(groups: [
            ...$board->groups,
            $this->group => $group->with(bank: ($group->bank ?? new StepBank())->with(patterns: array_values($steps))),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Take step %d away from “%s”', $this->number, $board->nameOf($this->group));
    }
}

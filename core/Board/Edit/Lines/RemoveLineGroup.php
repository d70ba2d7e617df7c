<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;

/** Takes a group of lines apart; its lines stay. */
final readonly class RemoveLineGroup implements Edit
{
    public function __construct(public string $group) {}

    public function apply(Board $board): Board
    {
        $groups = $board->lineGroups;
        if (!isset($groups[$this->group])) {
            throw new EditRefused('This group of lines is not on the board any more. Look at the newest revision.');
        }
        unset($groups[$this->group]);

        return $board->with(lineGroups: $groups);
    }

    public function summary(Board $board): string
    {
        return sprintf('Take the group “%s” apart', $board->nameOf($this->group));
    }
}

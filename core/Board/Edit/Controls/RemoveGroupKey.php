<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;

/** Takes a key off its group, with its input where nothing else uses that. */
final readonly class RemoveGroupKey implements Edit
{
    public function __construct(public string $key) {}

    public function apply(Board $board): Board
    {
        $group = Targets::groupOfKey($board, $this->key)
            ?? throw new EditRefused('This key is not on the board any more. Look at the newest revision.');

        return Targets::withoutUnused(
            Targets::changeKey($board, $group, $this->key, null),
            [$board->lineGroups[$group]->keys[$this->key]->function],
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Take “%s” away', $board->nameOf($this->key));
    }
}

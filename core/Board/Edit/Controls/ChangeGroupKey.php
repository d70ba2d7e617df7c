<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Record\Copy;

/** Says what a press on a key means to each line of its group. */
final readonly class ChangeGroupKey implements Edit
{
    public function __construct(
        public string $key,
        public Operation $operation,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::groupOfKey($board, $this->key);
        $key = null === $group
            ? throw new EditRefused('This key is not on the board any more. Look at the newest revision.')
            : $board->lineGroups[$group]->keys[$this->key];

        return Targets::changeKey($board, $group, $this->key, Copy::of($key, ['operation' => $this->operation]));
    }

    public function summary(Board $board): string
    {
        return sprintf('Say what “%s” means', $board->nameOf($this->key));
    }
}

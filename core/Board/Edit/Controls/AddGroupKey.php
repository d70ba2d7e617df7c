<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\SurfaceInput;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\GroupKey;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Record\Copy;

/** Lets a button, a switch or a key of a remote act on a group of lines. */
final readonly class AddGroupKey implements Edit
{
    /**
     * @param ?Operation $operation what a press means; null for what is usual
     * @param string $sharedFunction id of an input that exists already
     */
    public function __construct(
        public string $group,
        public SurfaceKind $kind,
        public ?Operation $operation = null,
        public string $sharedFunction = '',
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::lineGroup($board, $this->group);
        $operation = $this->operation ?? (LineGroupKind::Scene === $group->kind && SurfaceKind::WallSwitch !== $this->kind
            ? Operation::Scene
            : GroupKey::operations($this->kind)[0]);
        $key = new GroupKey($this->kind, $this->sharedFunction, $operation);
        $ids = new Ids($board);
        $input = SurfaceInput::for($board, $this->kind, $this->sharedFunction, $group->name, $ids);
        $keys = [...$group->keys, $ids->next('S') => Copy::of($key, ['function' => $input->id])];

        return $board->with(
            lineGroups: [...$board->lineGroups, $this->group => $group->with(keys: $keys)],
            functions: $input->functions,
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Operate the group “%s” by %s', $board->nameOf($this->group), $this->kind->value);
    }
}

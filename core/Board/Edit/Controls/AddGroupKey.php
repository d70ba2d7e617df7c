<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKey;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;

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
        if (!in_array($this->kind, GroupKey::kinds(), true)) {
            throw new EditRefused(sprintf(
                'A %s acts on no group. Choose a push button, a wall switch or an infrared key.',
                $this->kind->value,
            ));
        }
        $operation = $this->operation ?? (LineGroupKind::Scene === $group->kind && SurfaceKind::WallSwitch !== $this->kind
            ? Operation::Scene
            : GroupKey::operations($this->kind)[0]);
        if (!in_array($operation, GroupKey::operations($this->kind), true)) {
            throw new EditRefused(sprintf('A %s on a group cannot mean “%s”.', $this->kind->value, $operation->value));
        }
        $ids = new Ids($board);
        [$function, $functions] = $this->input($board, $group->name, $ids);
        $keys = [...$group->keys, $ids->next('S') => new GroupKey($this->kind, $function, $operation)];

        return $board->with(
            lineGroups: [...$board->lineGroups, $this->group => $group->with(keys: $keys)],
            functions: $functions,
            lastIds: $ids->last(),
        );
    }

    /**
     * @return array{string, array<string, PinFunction>} its function, and all of them
     */
    private function input(Board $board, string $name, Ids $ids): array
    {
        $kind = $this->kind->functionKind() ?? throw new \LogicException('A key of a group has an input.');
        $function = $this->sharedFunction;
        if ('' === $function && FunctionKind::InfraredReceiver === $kind) {
            $function = (string) array_key_first(array_filter(
                $board->functions,
                static fn(PinFunction $one): bool => $one->kind === $kind,
            ));
        }
        if ('' === $function) {
            $function = $ids->next('F');

            return [$function, [
                ...$board->functions,
                $function => PinFunction::of(
                    $kind,
                    FunctionKind::InfraredReceiver === $kind ? 'Infrared receiver' : $name . ' ' . $this->kind->value,
                ),
            ]];
        }
        $shared = Targets::function($board, $function);

        return $shared->kind === $kind ? [$function, $board->functions] : throw new EditRefused(sprintf(
            '“%s” is a %s and cannot serve as a %s.',
            $shared->name,
            $shared->kind->value,
            $this->kind->value,
        ));
    }

    public function summary(Board $board): string
    {
        return sprintf('Operate the group “%s” by %s', $board->nameOf($this->group), $this->kind->value);
    }
}

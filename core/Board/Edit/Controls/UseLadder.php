<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\Surface;

/** Reads a step selector through a resistor ladder on one analogue pin, in place of one pin for each position. */
final readonly class UseLadder implements Edit
{
    public function __construct(
        public string $group,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::group($board, $this->group);
        if (GroupKind::Selector !== $group->kind) {
            throw new EditRefused(sprintf('“%s” is no step selector.', $group->name));
        }
        $ids = new Ids($board);
        $ladder = $ids->next('F');
        $lines = array_map(static fn(Line $line): Line => $line->with(surfaces: array_map(
            static fn(Surface $surface): Surface => in_array($surface->function, $group->functions, true)
                ? $surface->servedBy($surface->kind, $ladder)
                : $surface,
            $line->surfaces,
        )), $board->lines);
        $groups = $board->groups;
        unset($groups[$this->group]);
        $board = $board->with(
            lines: $lines,
            groups: $groups,
            functions: [
                ...$board->functions,
                $ladder => PinFunction::of(FunctionKind::SelectorLadder, $group->name, positions: count($group->functions)),
            ],
            lastIds: $ids->last(),
        );

        return Targets::withoutUnused($board, $group->functions);
    }

    public function summary(Board $board): string
    {
        return sprintf('Read “%s” through a resistor ladder', $board->nameOf($this->group));
    }
}

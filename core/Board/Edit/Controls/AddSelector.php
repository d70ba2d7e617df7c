<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PinFunction;

/** Adds a rotary step selector: one pin for each position, or one analogue pin through a resistor ladder. */
final readonly class AddSelector implements Edit
{
    public function __construct(
        public string $name,
        public int $positions,
        public bool $ladder = false,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        if ($this->positions < 2 || $this->positions > 12) {
            throw new EditRefused('A step selector has 2 to 12 positions.');
        }
        $ids = new Ids($board);
        $functions = $board->functions;
        if ($this->ladder) {
            $functions[$ids->next('F')] = PinFunction::of(FunctionKind::SelectorLadder, $this->name, positions: $this->positions);

            return $board->with(functions: $functions, lastIds: $ids->last());
        }
        $members = [];
        for ($position = 1; $position <= $this->positions; ++$position) {
            $members[] = $id = $ids->next('F');
            $functions[$id] = PinFunction::of(FunctionKind::SelectorPosition, $this->name . ' ' . $position);
        }

        return $board->with(
            functions: $functions,
            groups: [...$board->groups, $ids->next('G') => new FunctionGroup(GroupKind::Selector, $this->name, $members)],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the step selector “%s”', $this->name);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\I2cFacts;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Record\ListOf;

/** Adds functions that belong together: a bus with its signals, or functions of the board that keep together. */
final readonly class AddGroup implements Edit
{
    /**
     * @param list<string> $functions ids, in their order; none for a bus, whose signals come with it
     */
    public function __construct(
        public GroupKind $kind,
        public string $name,
        #[ListOf('string')]
        public array $functions = [],
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        $ids = new Ids($board);
        $functions = $board->functions;
        $members = $this->functions;
        $signals = $this->kind->functions();
        if ([] === $signals && count($members) < 2) {
            throw new EditRefused('Choose at least two functions that belong together.');
        }
        if ([] !== $signals && [] !== $members) {
            throw new EditRefused('The signals of a bus come with it. Choose no functions for it.');
        }
        foreach ($members as $member) {
            Targets::function($board, $member);
            if (null !== $board->groupOf($member, $this->kind)) {
                throw new EditRefused(sprintf(
                    '“%s” belongs to a group of this kind already. Take that group apart first.',
                    $board->nameOf($member),
                ));
            }
        }
        foreach ($signals as $ending => $kind) {
            $id = $ids->next('F');
            $functions[$id] = PinFunction::of($kind, $this->name . ' ' . $ending);
            $members[] = $id;
        }
        $group = new FunctionGroup($this->kind, $this->name, $members, GroupKind::I2c === $this->kind ? I2cFacts::usual() : null);

        return $board->with(functions: $functions, groups: [...$board->groups, $ids->next('G') => $group], lastIds: $ids->last());
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the %s “%s”', $this->kind->value, $this->name);
    }
}

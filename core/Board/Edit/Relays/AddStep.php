<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\StepBank;
use IronLatch\Core\Board\StepPattern;
use IronLatch\Core\Record\ListOf;

/** Adds a step to a motor: the relays that it closes together. */
final readonly class AddStep implements Edit
{
    /**
     * @param list<string> $relays ids of their output functions
     */
    public function __construct(
        public string $group,
        #[ListOf('string')]
        public array $relays,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::stepGroup($board, $this->group);
        if ([] === $this->relays || [] !== array_diff($this->relays, $group->functions)) {
            throw new EditRefused(sprintf('Choose the relays of “%s” that this step closes.', $group->name));
        }
        $relays = array_values(array_intersect($group->functions, $this->relays));
        foreach ($group->steps() as $step) {
            if ([] === array_diff($step->relays, $relays) && [] === array_diff($relays, $step->relays)) {
                throw new EditRefused('There is such a step already. Choose other relays.');
            }
        }

        return $board->with(groups: [
            ...$board->groups,
            $this->group => $group->with(bank: ($group->bank ?? new StepBank())->with(patterns: [
                ...$group->steps(),
                new StepPattern($relays),
            ])),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'Add a step to “%s”: %s',
            $board->nameOf($this->group),
            implode(' + ', array_map($board->nameOf(...), $this->relays)),
        );
    }
}

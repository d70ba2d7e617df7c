<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\StepBank;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/** States what the capacitors of a fan’s steps are, and what lies across and before them; what is left out stays as it was. */
#[Says(Nature::Choice)]
#[Place('bank.*')]
final readonly class StateStepBank implements Edit
{
    public function __construct(
        public string $group,
        #[Question('The capacitors are', help: 'Printed on them.')]
        public ?CapacitorClass $class = null,
        #[Measured(Unit::Ohm)]
        #[Question('Bleeder across each, 0 for none')]
        public ?float $bleederOhms = null,
        #[Measured(Unit::Ohm)]
        #[Question('In series with each, 0 for none')]
        public ?float $seriesOhms = null,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::stepGroup($board, $this->group);
        $bank = $group->bank ?? new StepBank();

        return $board->with(groups: [...$board->groups, $this->group => $group->with(bank: $bank->with(
            class: null === $this->class ? null : Fact::stated($this->class),
            bleederOhms: null === $this->bleederOhms ? null : Fact::stated($this->bleederOhms),
            seriesOhms: null === $this->seriesOhms ? null : Fact::stated($this->seriesOhms),
        ))]);
    }

    public function summary(Board $board): string
    {
        return sprintf('State the capacitors of “%s”', $board->nameOf($this->group));
    }
}

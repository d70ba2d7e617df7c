<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Drivers;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\ListOf;

/** States the level at the pin that switches a relay on. */
#[Says(Nature::Choice)]
final readonly class StateActiveLevel implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        #[Place('activeLevel')]
        #[Question('Active level', help: 'Which level at the pin makes the relay pull in.')]
        public Level $level,
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeActuators(
            $board,
            $this->actuators,
            fn(Actuator $actuator): Actuator => $actuator->with(activeLevel: Fact::stated($this->level)),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('State active %s for %s', $this->level->value, Targets::names($board, $this->actuators));
    }
}

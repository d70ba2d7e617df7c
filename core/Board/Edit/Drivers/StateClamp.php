<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Drivers;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\ListOf;

/** States what takes over a coil’s current when its driver opens. */
#[Says(Nature::Choice)]
final readonly class StateClamp implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        #[Place('clamp')]
        #[Question('The coil is clamped by')]
        public Clamp $clamp,
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeActuators(
            $board,
            $this->actuators,
            fn(Actuator $actuator): Actuator => $actuator->with(clamp: Fact::stated($this->clamp)),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf(
            Clamp::None === $this->clamp ? 'Leave the coil of %2$s unclamped' : 'Clamp the coil of %2$s by %1$s',
            $this->clamp->value,
            Targets::names($board, $this->actuators),
        );
    }
}

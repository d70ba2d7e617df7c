<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\ListOf;

/** Feeds coils from a rail. */
final readonly class FeedCoils implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        public string $rail,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::rail($board, $this->rail);

        return Targets::changeActuators($board, $this->actuators, fn(Actuator $actuator): Actuator => $actuator->with(rail: $this->rail));
    }

    public function summary(Board $board): string
    {
        return sprintf('Feed %s from the rail %s', Targets::names($board, $this->actuators), $board->nameOf($this->rail));
    }
}

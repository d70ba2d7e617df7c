<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Record\ListOf;

/** Fits another relay. */
final readonly class ChooseRelay implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        public Relay $relay,
    ) {}

    public function apply(Board $board): Board
    {
        // What opens a bistable relay is a part of it.
        $openings = array_keys(array_filter(
            $board->actuators(),
            fn(Actuator $actuator): bool => in_array($actuator->opens, $this->actuators, true),
        ));

        return Targets::changeActuators(
            $board->withPart($this->relay),
            array_values(array_unique([...$this->actuators, ...$openings])),
            fn(Actuator $actuator): Actuator => $this->relay->isPlain()
                ? $actuator->with(relay: $this->relay->identity->id)
                : $actuator->with(relay: $this->relay->identity->id, paired: false)->holding(null),
        );
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(
            sprintf('Fit %s for %s', $this->relay->identity->name, Targets::names($board, $this->actuators)),
            $board,
            $this,
        );
    }
}

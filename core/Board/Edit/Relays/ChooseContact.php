<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\ListOf;

/** Chooses the contact that carries the appliance. */
final readonly class ChooseContact implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        public ContactUse $contact,
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeActuators(
            $board,
            $this->actuators,
            fn(Actuator $actuator): Actuator => $actuator->with(contact: $this->contact),
        );
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(
            sprintf('Use the %s contact for %s', $this->contact->value, Targets::names($board, $this->actuators)),
            $board,
            $this,
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Drivers;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\DirectDrive;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\ListOf;

/** Puts the coil straight on the pin. */
final readonly class DriveDirectly implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeActuators(
            $board,
            $this->actuators,
            fn(Actuator $actuator): Actuator => $actuator->with(driver: new DirectDrive()),
        );
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(sprintf('Put the coil of %s straight on its pin', Targets::names($board, $this->actuators)), $board, $this);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Drivers;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Record\ListOf;

/** Drives coils by inputs of a ready-made module; the active level becomes the module’s. */
final readonly class DriveByModule implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        public OptoModule $module,
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeActuators(
            $board->withPart($this->module),
            $this->actuators,
            fn(Actuator $actuator): Actuator => $this->on($actuator),
        );
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(
            sprintf('Drive %s by %s', Targets::names($board, $this->actuators), $this->module->identity->name),
            $board,
            $this,
        );
    }

    /** What was said of the supplies holds for another module too; how its jumper stands holds for the same one only. */
    private function on(Actuator $actuator): Actuator
    {
        $now = $actuator->driver instanceof OptoModuleInput ? $actuator->driver : null;
        $isSame = $now?->module === $this->module->identity->id;

        $driver = new OptoModuleInput(
            $this->module->identity->id,
            $isSame ? $now->activeLevel : $this->module->activeLevel,
            $now->separateSupply ?? false,
            $now->isolates ?? false,
        );

        return $actuator->with(driver: $driver, activeLevel: $isSame ? $actuator->activeLevel : Actuator::levelOf($driver));
    }
}

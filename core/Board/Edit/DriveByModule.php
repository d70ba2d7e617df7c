<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Record\Fact;
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
        $driver = new OptoModuleInput($this->module->identity->id, $this->module->activeLevel);

        return Targets::changeActuators(
            $board->withPart($this->module),
            $this->actuators,
            fn(Actuator $actuator): Actuator => $actuator->with(driver: $driver, activeLevel: Fact::stated($this->module->activeLevel)),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Drive %s by %s', Targets::names($board, $this->actuators), $this->module->identity->name);
    }
}

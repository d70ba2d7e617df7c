<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Drivers;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Record\ListOf;

/** Sets the jumper caps of ready-made modules: the trigger level of a channel, and whether inputs and coils have a supply each. */
#[Says(Nature::Choice)]
final readonly class SetModuleJumpers implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     * @param ?Level $level that triggers; null leaves it
     * @param ?bool $separateSupply the cap between the supply of inputs and of coils is off; null leaves it
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        public ?Level $level = null,
        public ?bool $separateSupply = null,
    ) {}

    public function apply(Board $board): Board
    {
        if (null === $this->level && null === $this->separateSupply) {
            throw new EditRefused('Nothing was set. Choose how at least one of the caps stands.');
        }

        return Targets::changeActuators($board, $this->actuators, function (Actuator $actuator) use ($board): Actuator {
            $driver = $actuator->driver;
            $module = $board->moduleOf($driver);
            if (null === $module || !$driver instanceof OptoModuleInput) {
                throw new EditRefused(sprintf(
                    '“%s” is not driven by a ready-made module. Choose that driver first.',
                    $board->nameOf($actuator->function),
                ));
            }
            if (null !== $this->level && $this->level !== $driver->activeLevel && !$module->hasTriggerJumper) {
                throw new EditRefused(sprintf(
                    '%s has no cap for its trigger level: it switches on at %s. Change the program, or choose another module.',
                    $module->identity->name,
                    $driver->activeLevel->value,
                ));
            }
            $set = new OptoModuleInput(
                $driver->module,
                $this->level ?? $driver->activeLevel,
                $this->separateSupply ?? $driver->separateSupply,
                $driver->isolates,
            );

            return $actuator->with(driver: $set, activeLevel: $actuator->activeLevel->isStated() ? null : Actuator::levelOf($set));
        });
    }

    public function summary(Board $board): string
    {
        $set = [
            ...null === $this->level ? [] : ['trigger on ' . $this->level->value],
            ...null === $this->separateSupply
                ? []
                : [$this->separateSupply ? 'a supply each for inputs and coils' : 'one supply for inputs and coils'],
        ];

        return sprintf('Set the caps of the module of %s: %s', Targets::names($board, $this->actuators), implode(', ', $set));
    }
}

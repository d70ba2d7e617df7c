<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\AttachedDevice;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FittedExpander;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\Rail;

/** Removes a rail that feeds nothing. */
final readonly class RemoveRail implements Edit
{
    public function __construct(
        public string $rail,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        $fed = array_keys(array_filter($board->actuators(), fn(Actuator $actuator): bool => $actuator->rail === $this->rail));
        if ([] !== $fed || $board->mcu->rail === $this->rail || $board->defaults->rail === $this->rail || [] !== array_filter(
            $board->lines,
            fn(Line $line): bool => $line->feed === $this->rail,
        ) || [] !== array_filter(
            $board->rails,
            fn(Rail $other): bool => $other->from === $this->rail,
        ) || [] !== array_filter(
            $board->devices,
            fn(AttachedDevice $device): bool => $device->rail === $this->rail,
        ) || [] !== array_filter(
            $board->functions,
            fn(PinFunction $function): bool => $function->lamp?->rail === $this->rail,
        ) || [] !== array_filter(
            $board->expanders,
            fn(FittedExpander $expander): bool => $expander->rail === $this->rail,
        )) {
            throw new EditRefused(sprintf(
                'The rail %s still feeds something: %s. Feed that from another rail first.',
                $rail->name,
                [] !== $fed
                    ? Targets::names($board, $fed)
                    : 'the controller, another rail, a device, a lamp, an expander, a DC appliance or new lines',
            ));
        }
        $rails = $board->rails;
        unset($rails[$this->rail]);

        return $board->with(rails: $rails);
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the rail %s', $board->nameOf($this->rail));
    }
}

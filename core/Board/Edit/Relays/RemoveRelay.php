<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Removes a relay with its driver and its output. */
final readonly class RemoveRelay implements Edit
{
    public function __construct(
        public string $actuator,
    ) {}

    public function apply(Board $board): Board
    {
        $actuator = Targets::actuator($board, $this->actuator);
        $lineId = $board->lineOf($this->actuator);
        $actuators = $board->lines[$lineId]->actuators;
        $functions = [$actuator->function];
        unset($actuators[$this->actuator]);
        foreach ($actuators as $id => $other) {
            // A second winding and a guard go with the relay that they belong to.
            if ($other->opens === $this->actuator || $other->guards === $this->actuator) {
                $functions[] = $other->function;
                unset($actuators[$id]);
            }
        }
        $lines = [...$board->lines, $lineId => $board->lines[$lineId]->with(actuators: $actuators)];

        return Targets::withoutUnused($board->with(lines: $lines), $functions);
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the relay of “%s”', $board->nameOf($this->actuator));
    }
}

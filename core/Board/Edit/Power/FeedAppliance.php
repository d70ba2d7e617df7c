<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;

/** States the rail that feeds a DC appliance. */
final readonly class FeedAppliance implements Edit
{
    public function __construct(
        public string $line,
        public string $rail,
    ) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        Targets::rail($board, $this->rail);
        if (null === $board->appliance($line)->dcVolts) {
            throw new EditRefused(sprintf('“%s” runs from the mains. Only a DC appliance is fed from a rail.', $line->name));
        }
        if ($board->appliance($line)->ownVoltage) {
            throw new EditRefused(sprintf('“%s” brings its own voltage: no rail of the board feeds it.', $line->name));
        }

        // What a driver switches itself hangs on the same rail as the driver.
        $actuators = array_map(
            fn(Actuator $actuator): Actuator => null === $actuator->relay ? $actuator->with(rail: $this->rail) : $actuator,
            $line->actuators,
        );

        return $board->with(lines: [...$board->lines, $this->line => $line->with(actuators: $actuators, feed: $this->rail)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Feed the appliance of “%s” from the rail %s', $board->nameOf($this->line), $board->nameOf($this->rail));
    }
}

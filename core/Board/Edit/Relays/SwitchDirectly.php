<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\ListOf;

/** Lets drivers switch DC appliances themselves, without relays; each is fed from the rail of its appliance. */
final readonly class SwitchDirectly implements Edit
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
        foreach ($this->actuators as $id) {
            $now = Targets::actuator($board, $id);
            $lineId = $board->lineOf($id);
            $line = $board->lines[$lineId];
            if (null === $board->appliance($line)->dcVolts) {
                throw new EditRefused(sprintf('“%s” runs from the mains, and only a relay may switch the mains.', $line->name));
            }
            if ($board->appliance($line)->ownVoltage) {
                throw new EditRefused(sprintf(
                    '“%s” brings its own voltage, which only the contact of a relay keeps apart.',
                    $line->name,
                ));
            }
            if ($now->driver->isReadyMade()) {
                throw new EditRefused(sprintf(
                    'A ready-made module switches nothing but its own relay. Choose another driver for “%s” first.',
                    $line->name,
                ));
            }
            $rail = $line->feed ?? $now->rail;
            $board = Targets::changeActuators(
                $board->with(lines: [...$board->lines, $lineId => $line->with(feed: $rail)]),
                [$id],
                static fn(Actuator $actuator): Actuator => $actuator->direct($rail),
            );
        }

        return $board;
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(sprintf('Switch %s without a relay', Targets::names($board, $this->actuators)), $board, $this);
    }
}

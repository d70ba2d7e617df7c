<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\ListOf;

/** Puts a second relay of the same kind on the output of another, its contact in the other conductor; or takes it away. */
final readonly class PairRelay implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        public bool $paired = true,
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeActuators($board, $this->actuators, function (Actuator $actuator) use ($board): Actuator {
            if (
                $this->paired
                && ($actuator->driver->isReadyMade() || null === $actuator->relay || !$board->relay($actuator)->isPlain())
            ) {
                throw new EditRefused(sprintf(
                    '“%s” cannot have a second relay beside it: only a plain relay with a driver of its own can. Drive it by a '
                        . 'transistor, or choose a relay with two poles.',
                    $board->nameOf($actuator->function),
                ));
            }

            return $actuator->with(paired: $this->paired);
        });
    }

    public function summary(Board $board): string
    {
        return sprintf(
            $this->paired ? 'Put a second relay beside that of %s' : 'Take the second relay from beside that of %s',
            Targets::names($board, $this->actuators),
        );
    }
}

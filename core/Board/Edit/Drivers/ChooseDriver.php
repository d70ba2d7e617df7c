<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Drivers;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Record\ListOf;

/** Drives coils by another circuit; the active level becomes the circuit’s own. */
final readonly class ChooseDriver implements Edit
{
    /**
     * @param list<string> $actuators ids of relays
     * @param list<Part> $parts facts of the parts that the circuit is built on
     */
    public function __construct(
        #[ListOf('string')]
        public array $actuators,
        public Driver $driver,
        #[ListOf(Part::class)]
        public array $parts,
        public string $title = '',
    ) {}

    public function apply(Board $board): Board
    {
        return Targets::changeActuators(
            $board->withPart(...$this->parts),
            $this->actuators,
            fn(Actuator $actuator): Actuator => $actuator->with(driver: $this->driver, activeLevel: Actuator::levelOf($this->driver)),
        );
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(
            sprintf(
                'Drive %s %s',
                Targets::names($board, $this->actuators),
                '' === $this->title ? 'by another circuit' : 'by ' . $this->title,
            ),
            $board,
            $this,
        );
    }
}

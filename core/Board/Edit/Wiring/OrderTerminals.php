<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;

/** Chooses the order in which the terminals of the lines stand along the edge of the box. */
final readonly class OrderTerminals implements Edit
{
    /**
     * @param list<string> $lines the first ones; what is not named follows in the order of the lines
     */
    public function __construct(
        #[ListOf('string')]
        public array $lines,
    ) {}

    public function apply(Board $board): Board
    {
        foreach ($this->lines as $line) {
            Targets::line($board, $line);
        }

        return $board->with(wiring: Copy::of(
            $board->wiring,
            ['order' => array_values(array_unique($this->lines))],
        ));
    }

    public function summary(Board $board): string
    {
        return [] === $this->lines
            ? 'Put the terminals in the order of the lines'
            : sprintf('Put the terminals in this order: %s', Targets::names($board, $this->lines));
    }
}

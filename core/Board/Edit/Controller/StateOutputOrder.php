<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Record\Fact;

/** States in which order the program makes outputs of its pins. */
#[Says(Nature::Choice)]
final readonly class StateOutputOrder implements Edit
{
    public function __construct(
        public OutputOrder $order,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(program: $board->program->with(outputOrder: Fact::stated($this->order)));
    }

    public function summary(Board $board): string
    {
        return OutputOrder::LevelFirst === $this->order
            ? 'Write the off level before a pin becomes an output'
            : 'Make outputs first, then write their level';
    }
}

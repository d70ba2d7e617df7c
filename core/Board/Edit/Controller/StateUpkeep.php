<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** States how the program keeps the state of its lines, and what becomes of it when it hangs. */
#[Says(Nature::Choice)]
final readonly class StateUpkeep implements Edit
{
    public function __construct(
        #[Measured(Unit::Second, least: 0.0, most: 3600.0)]
        #[Place('program.keptAfterSeconds')]
        #[Question('A state is written into memory when it has rested', help: 'Memory bears so many writes; 5 s are usual.')]
        public ?float $keptAfterSeconds = null,
        #[Measured(Unit::Second, least: 0.0, most: 60.0)]
        #[Place('program.watchdogSeconds')]
        #[Question('A program that hangs is reset after', help: 'By the chip’s own watchdog; 0 s for none, 2 s are usual.')]
        public ?float $watchdogSeconds = null,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(program: Copy::of($board->program, Stated::facts($this)));
    }

    public function summary(Board $board): string
    {
        return 'State of the program: ' . Stated::words($this);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/** States how far apart the lines of a group, or those that come back after a power cut, are switched on. */
#[Says(Nature::Choice)]
final readonly class StateStagger implements Edit
{
    public function __construct(
        #[Measured(Unit::Second)]
        #[Place('program.staggerSeconds')]
        #[Question('Between two lines of a group the program waits')]
        public float $seconds,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(program: $board->program->with(staggerSeconds: Fact::stated($this->seconds)));
    }

    public function summary(Board $board): string
    {
        return sprintf('Let lines follow each other after %s', QuantityPrinter::rounded($this->seconds, Unit::Second));
    }
}

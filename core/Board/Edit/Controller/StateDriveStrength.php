<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Record\Fact;

/** States whether the program raises the drive strength of its outputs before it uses them. */
#[Says(Nature::Promise, unless: false)]
final readonly class StateDriveStrength implements Edit
{
    public function __construct(
        #[Place('program.driveRaised')]
        #[Question('Drive strength of the outputs', yes: 'raised by the program', no: 'left as after reset')]
        public bool $raised,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(program: $board->program->with(driveRaised: Fact::stated($this->raised)));
    }

    public function summary(Board $board): string
    {
        return sprintf('State that the program %s the drive strength of its outputs', $this->raised ? 'raises' : 'leaves');
    }
}

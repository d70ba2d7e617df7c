<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Record\Fact;

/** States whether the program uses the controller’s radio. */
#[Says(Nature::Choice)]
final readonly class StateRadio implements Edit
{
    public function __construct(
        #[Place('program.radioUsed')]
        #[Question('The controller’s radio', yes: 'is used', no: 'is not used', help: 'By the program: wireless network or Bluetooth.')]
        public bool $used,
    ) {}

    public function apply(Board $board): Board
    {
        if ($this->used && !$board->controller()->chip->radio) {
            throw new EditRefused(sprintf(
                'The %s has no radio. Choose a controller that has one first.',
                $board->controller()->chip->identity->name,
            ));
        }

        return $board->with(program: $board->program->with(radioUsed: Fact::stated($this->used)));
    }

    public function summary(Board $board): string
    {
        return $this->used ? 'State that the radio is used' : 'State that the radio is not used';
    }
}

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

/** States whether the controller’s module has memory besides its usual flash, which takes pins of its own. */
#[Says(Nature::Observation)]
final readonly class StateInnerMemory implements Edit
{
    public function __construct(
        #[Place('mcu.innerMemory')]
        #[Question('PSRAM or eight-wire flash inside the module', yes: 'yes', no: 'no', help: 'In the type number printed on its lid.')]
        public bool $has,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(mcu: $board->mcu->with(innerMemory: Fact::stated($this->has)));
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'State that the module has %s',
            $this->has ? 'PSRAM or eight-wire flash inside' : 'no memory besides its usual flash',
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Record\Fact;

/** States the insulation of the coupler by which an input listens to the mains. */
#[Says(Nature::Choice)]
final readonly class StateBarrier implements Edit
{
    public function __construct(
        public string $function,
        #[Place('barrier')]
        #[Question('Insulation of its coupler or transformer', help: 'In its data sheet: stated reinforced, and for which voltage.')]
        public Insulation $barrier,
    ) {}

    public function apply(Board $board): Board
    {
        $function = Targets::function($board, $this->function);
        if (!$function->kind->listensToMains()) {
            throw new EditRefused(sprintf('“%s” does not listen to the mains, so there is nothing to insulate.', $function->name));
        }

        return $board->with(functions: [...$board->functions, $this->function => $function->with(barrier: Fact::stated($this->barrier))]);
    }

    public function summary(Board $board): string
    {
        return sprintf('The coupler of “%s” is %s', $board->nameOf($this->function), $this->barrier->value);
    }
}

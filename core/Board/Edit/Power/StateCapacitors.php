<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Record\Fact;

/** States whether the converter of a rail has the capacitors that its maker asks for. */
#[Says(Nature::Choice)]
final readonly class StateCapacitors implements Edit
{
    public function __construct(
        public string $rail,
        #[Place('capacitorsFitted')]
        #[Question(
            'Capacitors of the regulator',
            yes: 'fitted',
            no: 'not fitted',
            help: 'In its data sheet: without them it may oscillate.',
        )]
        public bool $fitted,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        if (!($board->feeder($this->rail) instanceof Converter)) {
            throw new EditRefused(sprintf('The rail %s has no converter.', $rail->name));
        }

        return $board->with(rails: [...$board->rails, $this->rail => $rail->with(capacitorsFitted: Fact::stated($this->fitted))]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            $this->fitted ? 'Fit the capacitors of the converter of %s' : 'State that the converter of %s has no capacitors',
            $board->nameOf($this->rail),
        );
    }
}

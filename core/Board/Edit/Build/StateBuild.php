<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** States how the board is built and what it may cost; what is left out stays as it was. */
#[Says(Nature::Choice)]
#[Place('build.*')]
final readonly class StateBuild implements Edit
{
    public function __construct(
        #[Question('It is built as', help: 'Under “Built otherwise” the four ways stand side by side.')]
        public ?BuildForm $form = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question('Board and modules', yes: 'stand on screws and stand-offs', no: 'lie loose', help: 'Tape and glue let go when warm.')]
        public ?bool $fixed = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question(
            'Between mains and low voltage',
            yes: 'a slot of 1.5 mm or more is milled',
            no: 'the board is whole',
            help: 'A slot lengthens the way over the surface, never the way through air.',
        )]
        public ?bool $slot = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question('Pads between mains and the rest', yes: 'are taken off', no: 'stay', help: 'Count the holes between: each is 2.54 mm.')]
        public ?bool $padsRemoved = null,
        #[Says(Nature::Observation)]
        #[Question(
            'Header rows of the controller',
            yes: 'were measured on the piece in hand',
            no: 'were not measured',
            help: 'Carriers of one name are sold with rows 22.86, 25.4 or 27.94 mm apart.',
        )]
        public ?bool $rowsMeasured = null,
        #[Question('Parts are soldered', yes: 'on both sides', no: 'on one side only')]
        public ?bool $bothSides = null,
        #[Measured(Unit::Euro)]
        #[Question('One copy may cost', help: 'Material alone; leave it empty where it does not matter.')]
        public ?float $mostEuros = null,
        #[Measured(Unit::Metre, least: 0.01, most: 3.0)]
        #[Question('The board may be as long as')]
        public ?float $mostLengthMetres = null,
        #[Measured(Unit::Metre, least: 0.01, most: 3.0)]
        #[Question('The board may be as wide as')]
        public ?float $mostWidthMetres = null,
        #[Question('Different parts, at most')]
        public ?int $mostDifferent = null,
        #[Question('Copies to be built')]
        public ?int $copies = null,
        #[Measured(Unit::Euro)]
        #[Question('An hour of work counts', help: 'Left empty, hours are shown and cost nothing.')]
        public ?float $hourEuros = null,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(build: Copy::said($board->build, Stated::facts($this)));
    }

    public function summary(Board $board): string
    {
        return null === $this->form ? 'State how it is built' : sprintf('Build it as: %s', $this->form->value);
    }
}

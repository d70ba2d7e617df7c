<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Board\WiringScheme;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** States how the wiring is done where there is a choice; what is left out stays as it was. */
#[Says(Nature::Choice)]
#[Place('wiring.*')]
final readonly class StateWiring implements Edit
{
    public function __construct(
        #[Question('Grounds run as a', help: 'A star from one bar keeps the coil currents out of the sensors’ ground.')]
        public ?WiringScheme $ground = null,
        #[Question('Rails run as a', help: 'In a chain each wire carries what all behind it draw, and each terminal takes two.')]
        public ?WiringScheme $rails = null,
        #[Question('Live and neutral run as a', help: 'In a chain each clamp on the way takes two conductors.')]
        public ?WiringScheme $mains = null,
        #[Measured(Unit::SquareMetre, least: 0.05e-6, most: 2.5e-6)]
        #[Question('Low-voltage wires inside', help: 'Usual are 0.25 mm² up to 1 A and 0.5 mm² up to 3 A.')]
        public ?float $lowSquareMetres = null,
        #[Says(Nature::Observation)]
        #[Question(
            'The clamps used',
            yes: 'take two conductors of one size',
            no: 'take one conductor',
            help: 'In the data sheet of the terminal; most are made for one.',
        )]
        public ?bool $twoInAClamp = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question(
            'Mains and low-voltage wires',
            yes: 'are tied in bundles of their own',
            no: 'run in one bundle',
            help: 'Each bundle tied beside its terminals, so that a wire that slips out cannot reach the other side.',
        )]
        public ?bool $bundlesApart = null,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(wiring: Copy::said($board->wiring, Stated::facts($this)));
    }

    public function summary(Board $board): string
    {
        return 'State how the wiring is done';
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BreakerCurve;
use IronLatch\Core\Board\ConductorColours;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Board\ResidualDevice;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** States what somebody on the spot has found out about places of the house; what is left out stays as it was. */
#[Says(Nature::Promise)]
#[Place('*')]
final readonly class StatePlace implements Edit
{
    private const WHO = 'Only a licensed person may open the box: isolated, and proved dead.';

    /**
     * @param list<string> $places ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $places,
        #[Question(
            'A neutral in the box',
            help: 'Whether one ends there, and whether its circuit is the one that feeds the box. ' . self::WHO,
        )]
        public ?NeutralHere $neutral = null,
        #[Question('Circuits that come into it', help: 'Breakers that must be off before all of it is dead. ' . self::WHO)]
        public ?int $circuits = null,
        #[Says(Nature::Promise, unless: true)]
        #[Question(
            'A dimmer before it',
            yes: 'is there',
            no: 'is not there',
            help: 'Follow the circuit from the distribution: a knob or a touch plate.',
        )]
        public ?bool $dimmer = null,
        #[Measured(Unit::Ampere, above: true, most: 125.0)]
        #[Question('Breaker of the circuit', help: 'Printed on it in the distribution, such as B16. Reading it needs no tool.')]
        public ?float $breakerAmps = null,
        #[Says(Nature::Observation)]
        #[Question('Its curve', help: 'The letter before the rating.')]
        public ?BreakerCurve $curve = null,
        #[Question('Residual-current device before it', help: 'In the distribution, with a test button; its I∆n is printed on it.')]
        public ?ResidualDevice $residual = null,
        #[Measured(Unit::SquareMetre, above: true)]
        #[Question('Fixed conductors that feed it', help: 'The thinnest between breaker and box, printed on the sheath. ' . self::WHO)]
        public ?float $squareMetres = null,
        #[Says(Nature::Observation)]
        #[Question(
            'Colours of the wires there',
            help: 'White in a switch drop may be live, and old colours differ: prove, do not read. ' . self::WHO,
        )]
        public ?ConductorColours $colours = null,
        #[Says(Nature::Observation)]
        #[Measured(Unit::Ampere)]
        #[Question('What else hangs on the circuit', help: 'Switch its breaker off and see what is dead; add up what their plates say.')]
        public ?float $othersAmps = null,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requirePossible($this);
        $facts = Stated::facts($this);
        $places = $board->places;
        foreach ($this->places as $id) {
            $places[$id] = Copy::of(Targets::place($board, $id), $facts);
        }

        return $board->with(places: $places);
    }

    public function summary(Board $board): string
    {
        return sprintf('State of %s: %s', Targets::names($board, $this->places), Stated::words($this));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** States the cores of cables of the house and what they carry; what is left out stays as it was. */
#[Says(Nature::Choice)]
#[Place('*')]
final readonly class StateHouseCable implements Edit
{
    /**
     * @param list<string> $cables ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $cables,
        #[Question(
            'Cores that carry mains',
            help: 'Live, neutral and switched ones. Only a licensed person may open the boxes at its ends.',
        )]
        public ?int $mains = null,
        #[Question('Cores that are protective earth', help: 'Green-yellow ones; they are never used for anything else.')]
        public ?int $earth = null,
        #[Question('Cores for extra-low voltage', help: 'Switches and sensors of the board that run through it.')]
        public ?int $low = null,
        #[Question('Free cores', help: 'Ends that are joined to nothing on both sides.')]
        public ?int $free = null,
        #[Measured(Unit::SquareMetre, above: true)]
        #[Question('Each core has', help: 'Printed on the sheath, such as 5G1.5.')]
        public ?float $squareMetres = null,
        #[Says(Nature::Promise)]
        #[Measured(Unit::Volt, above: true, most: 1000.0)]
        #[Question(
            'Each core is insulated for',
            help: 'The first figure on the sheath: 300 V of 300/500 V. Bell and data wire is made for 50 V or so.',
        )]
        public ?float $insulationVolts = null,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requirePossible($this);
        $facts = Stated::facts($this);
        $cables = $board->houseCables;
        foreach ($this->cables as $id) {
            $cables[$id] = Copy::of(Targets::houseCable($board, $id), $facts);
        }

        return $board->with(houseCables: $cables);
    }

    public function summary(Board $board): string
    {
        return sprintf('State of %s: %s', Targets::names($board, $this->cables), Stated::words($this));
    }
}

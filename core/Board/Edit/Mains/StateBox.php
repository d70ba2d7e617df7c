<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Mains;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgingCapacitor;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\LeavesTheCover;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Board\MaterialGroup;
use IronLatch\Core\Board\OvervoltageCategory;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Board\Seal;
use IronLatch\Core\Catalogue\BoxKind;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/**
 * States facts of the mains side as a whole; what is left out stays as it was.
 *
 * Clearance and creepage are targets unless they are said to be measured on the built piece or read back from its layout.
 */
#[Says(Nature::Choice)]
#[Place('box.*')]
final readonly class StateBox implements Edit
{
    public function __construct(
        #[Question('The mains comes in by', help: 'Whether the plug can be put in either way round decides what “live” means inside.')]
        public ?InletKind $inlet = null,
        #[Measured(Unit::Ampere)]
        #[Question('Inlet rated', help: 'Printed on the inlet or on the plug.')]
        public ?float $inletAmps = null,
        #[Question('A fuse behind the inlet', yes: 'is fitted', no: 'is not there', help: 'In the live conductor, before anything else.')]
        public ?bool $fused = null,
        #[Measured(Unit::SquareMetre, above: true)]
        #[Question('Wires of the lead', help: 'Printed on the sheath of the lead, such as 3G1.0.')]
        public ?float $leadSquareMetres = null,
        #[Measured(Unit::SquareMetre, above: true)]
        #[Question('Wires inside that carry all', help: 'As you will wire it, or as printed on the wire.')]
        public ?float $innerSquareMetres = null,
        #[Measured(Unit::Ampere)]
        #[Question('Least terminal rated', help: 'In the data sheet of the smallest terminal that carries the sum.')]
        public ?float $terminalAmps = null,
        #[Says(Nature::Promise)]
        #[Measured(Unit::Metre)]
        #[Question(
            'Clearance, mains to low voltage',
            help: 'Through air, the shortest way: read it back from the layout, or measure it on the built piece.',
        )]
        public ?float $clearanceMetres = null,
        #[Says(Nature::Promise)]
        #[Measured(Unit::Metre)]
        #[Question(
            'Creepage, mains to low voltage',
            help: 'Along the surface, the shortest way: read it back from the layout, or measure it on the built piece.',
        )]
        public ?float $creepageMetres = null,
        #[Says(Nature::Observation)]
        #[Question('Surges where it is plugged in', help: 'II behind an outlet of the house; III fixed in the distribution.')]
        public ?OvervoltageCategory $overvoltage = null,
        #[Says(Nature::Observation)]
        #[Question('Dirt and damp where it lives', help: '2 in living rooms; 3 beside water, in cellars and workshops.')]
        public ?PollutionDegree $pollution = null,
        #[Question('The enclosure keeps out', help: 'Its IP code, printed on it or in its data sheet.')]
        public ?Seal $seal = null,
        #[Says(Nature::Promise, unless: true)]
        #[Question(
            'The low-voltage side',
            yes: 'may be touched',
            no: 'is treated as live',
            help: 'Whether somebody can touch a wire, a screw or a socket of it with the cover shut.',
        )]
        public ?bool $touchable = null,
        #[Question('It is carried and enclosed by', help: 'What the box and the board under it are made of.')]
        public ?BaseMaterial $enclosure = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question(
            'The metal case',
            yes: 'is earthed',
            no: 'is not',
            help: 'Whether green-yellow is screwed to it. To be measured on each copy before mains.',
        )]
        public ?bool $enclosureEarthed = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question(
            'All of it hangs on',
            yes: 'one circuit',
            no: 'more than one',
            help: 'Who knows the distribution of the house: switch one breaker off and prove what is dead.',
        )]
        public ?bool $oneCircuit = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question(
            'Wall switches that once switched mains',
            yes: 'are freed of it',
            no: 'still carry mains',
            help: 'Only a licensed person may look into the switch box: isolated, and proved dead.',
        )]
        public ?bool $switchesFreed = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question(
            'Contacts of low-voltage lines',
            yes: 'kept as far from mains',
            no: 'are nearer',
            help: 'On the layout and in the box.',
        )]
        public ?bool $lowContactsApart = null,
        #[Question('Mains runs', yes: 'in tracks of the board', no: 'in wires alone', help: 'As the board is laid out.')]
        public ?bool $tracks = null,
        #[Says(Nature::Observation)]
        #[Measured(Unit::Metre)]
        #[Question('Height above the sea', help: 'Above 2 000 m distances grow.')]
        public ?float $altitudeMetres = null,
        #[Question('Material group of the board', help: 'FR-4 without a stated tracking index counts as III.')]
        public ?MaterialGroup $material = null,
        #[Question('The program lets at most so many on at once', help: 'A promise of the program; the fuse must hold it.')]
        public ?int $atOnce = null,
        #[Measured(Unit::SquareMetre, above: true)]
        #[Question('Thinnest wire of one line', help: 'As you will wire it, or as printed on the wire.')]
        public ?float $branchSquareMetres = null,
        #[Question(
            'A fuse in each of the two live conductors',
            yes: 'is fitted',
            no: 'is not there',
            help: 'Where the appliance hangs between two live conductors.',
        )]
        public ?bool $bothFused = null,
        #[Says(Nature::Promise, unless: true)]
        #[Question(
            'A USB or programming socket',
            yes: 'can be reached with the cover shut',
            no: 'cannot be reached',
            help: 'Look at the shut box.',
        )]
        public ?bool $socketReachable = null,
        #[Question('Capacitor from mains to low voltage', help: 'Often blue, with its class printed on it; in the supply, or beside it.')]
        public ?BridgingCapacitor $bridgingCapacitor = null,
        #[Measured(Unit::Metre, above: true)]
        #[Question('Box, length')]
        public ?float $lengthMetres = null,
        #[Measured(Unit::Metre, above: true)]
        #[Question('Width')]
        public ?float $widthMetres = null,
        #[Measured(Unit::Metre, above: true)]
        #[Question('Height')]
        public ?float $heightMetres = null,
        #[Question('The box is')]
        public ?BoxKind $kind = null,
        #[Says(Nature::Observation)]
        #[Question('The distances', yes: 'are measured or read back', no: 'are targets')]
        public ?bool $measured = null,
    ) {}

    public function apply(Board $board): Board
    {
        if ([] === Stated::in($this)) {
            throw new EditRefused('Nothing was stated. Fill in at least one of the fields.');
        }
        $box = $board->box ?? new MainsBox();
        if (false === $this->touchable) {
            $leaving = LeavesTheCover::all($board);
            if ([] !== $leaving) {
                throw new EditRefused(sprintf(
                    'The low-voltage side cannot be treated as live while something of it leaves the cover: %s. Take it off the board or '
                        . 'keep the low-voltage side apart from mains instead.',
                    implode(', ', $leaving),
                ));
            }
        }
        $changes = [];
        foreach (Stated::in($this) as $field => $value) {
            if ('measured' !== $field) {
                $changes[$field] = Fact::stated($value);
            }
        }
        $distances = [
            'clearanceMetres' => $this->clearanceMetres ?? $box->clearanceMetres?->value,
            'creepageMetres' => $this->creepageMetres ?? $box->creepageMetres?->value,
        ];
        foreach ($distances as $field => $metres) {
            if (is_float($metres) && (true === $this->measured || isset($changes[$field]))) {
                $changes[$field] = true === $this->measured ? Fact::stated($metres) : Fact::target($metres);
            }
        }
        if (false === $this->fused) {
            $changes['fuse'] = null;
        }

        return $board->with(box: Copy::of($box, $changes));
    }

    public function summary(Board $board): string
    {
        return 'State the mains side: ' . Stated::words($this);
    }
}

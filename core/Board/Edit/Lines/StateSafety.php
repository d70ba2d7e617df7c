<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\LineSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Board\SwitchAtStart;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** States facts of lines that keep people from harm; what is left out stays as it was. */
#[Says(Nature::Choice)]
#[Place('safety.*')]
final readonly class StateSafety implements Edit
{
    /**
     * @param list<string> $lines ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $lines,
        #[Question('It leaves the box by', help: 'Look at the box: an outlet, a lead with a socket, or wires fixed to the appliance.')]
        public ?OutletKind $outlet = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question(
            'Protective earth to the appliance',
            yes: 'runs straight through',
            no: 'is not there',
            help: 'Follow the green-yellow wire from the inlet to the outlet. To be measured on each copy before mains.',
        )]
        public ?bool $earthJoined = null,
        #[Question('After a power cut', help: 'What the program does with the line when power comes back.')]
        public ?RestorePolicy $restore = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question(
            'Independent thermal cut-out',
            yes: 'stands in it',
            no: 'is not there',
            help: 'In the papers of the appliance, or on its plate; it must work without the board.',
        )]
        public ?bool $cutOut = null,
        #[Measured(Unit::Second)]
        #[Question(
            'Rests between two runs, at least',
            help: 'What the program waits; makers of compressors ask for three to five minutes.',
        )]
        public ?float $restSeconds = null,
        #[Says(Nature::Observation)]
        #[Measured(Unit::Ratio)]
        #[Question('Switchings a day', help: 'Counted, or guessed on the high side: it decides how long the contact lasts.')]
        public ?float $switchingsPerDay = null,
        #[Says(Nature::Intention, unless: true)]
        #[Question(
            'Worked on while off',
            yes: 'switched off only',
            no: 'isolated first',
            help: 'How people who clean or mend the appliance make it dead.',
        )]
        public ?bool $offTakenAsIsolation = null,
        #[Question('Damped by', help: 'What lies across the contact or the appliance.')]
        public ?Snubber $snubber = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question(
            'Link on the live side of the double outlet',
            yes: 'taken out',
            no: 'still there',
            help: 'Between the two live screws; break it off before each half is switched by itself.',
        )]
        public ?bool $linkRemoved = null,
        #[Says(Nature::Intention)]
        #[Question('Acts on a group', yes: 'may never switch it on', no: 'may switch it on')]
        public ?bool $barredFromGroups = null,
        #[Measured(Unit::Ampere)]
        #[Question('Outlet rated', help: 'Printed on the outlet.')]
        public ?float $outletAmps = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question('Papers allow remote start', yes: 'yes', no: 'no', help: 'In the instructions of the appliance.')]
        public ?bool $remoteStart = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question('Papers allow it to run unattended', yes: 'yes', no: 'no', help: 'In the instructions of the appliance.')]
        public ?bool $unattended = null,
        #[Says(Nature::Intention)]
        #[Question(
            'By itself',
            yes: 'it may never start',
            no: 'as is usual for its kind',
            help: 'Whether it could hurt somebody by starting with nobody beside it.',
        )]
        public ?bool $mustNotStart = null,
        #[Says(Nature::Intention)]
        #[Question(
            'After a cut, somebody or something',
            yes: 'needs it back',
            no: 'can wait',
            help: 'Whether fish, food or pipes suffer when it stays off.',
        )]
        public ?bool $mustComeBack = null,
        #[Question(
            'Diode across it',
            yes: 'is fitted',
            no: 'is not there',
            help: 'Only across DC loads with a winding: cathode to plus.',
        )]
        public ?bool $loadDiode = null,
        #[Question(
            'A radio of its own in the lamp',
            yes: 'is there',
            no: 'is not there',
            help: 'Lamps that are told what to do without the board.',
        )]
        public ?bool $ownRadio = null,
        #[Question(
            'A switch that was moved while the board was dead',
            help: 'Of maintained switches that say on and off. Waiting surprises less after a power cut.',
        )]
        public ?SwitchAtStart $switchAtStart = null,
    ) {}

    public function apply(Board $board): Board
    {
        $facts = Stated::facts($this);
        $lines = $board->lines;
        foreach ($this->lines as $id) {
            $line = Targets::line($board, $id);
            $lines[$id] = $line->with(safety: Copy::of($line->safety ?? new LineSafety(), $facts));
        }

        return $board->with(lines: $lines);
    }

    public function summary(Board $board): string
    {
        return sprintf('State of %s: %s', Targets::names($board, $this->lines), Stated::words($this));
    }
}

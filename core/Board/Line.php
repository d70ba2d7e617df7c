<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\MapOf;
use IronLatch\Core\Record\Measured;

/** One switched appliance with everything between the hand and the load. */
final readonly class Line
{
    /**
     * @param string $appliance part id
     * @param Fact<float> $watts what the appliance draws
     * @param Fact<SwitchedConductor> $conductor which conductor the contact interrupts
     * @param array<string, Surface> $surfaces by id
     * @param array<string, Actuator> $actuators by id
     * @param ?string $feed the rail that feeds a DC appliance; null for mains, and while it is not stated
     * @param ?Fact<float> $hoursPerDay how long it is on; null while nothing is said of it
     * @param ?LineSafety $safety what keeps people from harm; null while nothing is said of it
     * @param ?string $place id of the place where its appliance is wired; null for nowhere in particular
     * @param ?StateSense $sense how it hears whether its appliance is on; null where the command is all that is known
     * @param ?TwoWay $twoWay its contact is one end of a two-way circuit; null for a contact that makes and breaks by itself
     * @param ?ShownKind $shownAs what it is to whoever shows or speaks of it; null for what follows from its appliance
     * @param string $room where it is, in the maker’s words; empty for the room of its group
     * @param bool $uncontrolled the maker states that nothing on the board operates it, and that it is meant so
     */
    public function __construct(
        public string $name,
        public string $appliance,
        #[FactOf('float'), Measured(Unit::Watt, above: true)]
        public Fact $watts,
        #[FactOf(SwitchedConductor::class)]
        public Fact $conductor,
        #[MapOf(Surface::class, '^S[1-9][0-9]{0,5}$')]
        public array $surfaces,
        #[MapOf(Actuator::class, '^A[1-9][0-9]{0,5}$')]
        public array $actuators,
        public ?string $feed = null,
        #[FactOf('float'), Measured(Unit::Hour)]
        public ?Fact $hoursPerDay = null,
        public ?LineSafety $safety = null,
        public bool $uncontrolled = false,
        public ?string $place = null,
        public ?StateSense $sense = null,
        public ?TwoWay $twoWay = null,
        public ?ShownKind $shownAs = null,
        public string $room = '',
    ) {
        if (mb_strlen($room) > 60) {
            throw new \InvalidArgumentException('The name of a room has at most 60 characters.');
        }
    }

    /**
     * Everything of it, from finger to filament: itself, its relays, and the functions of its relays and surfaces, some of which other
     * lines have as well.
     *
     * @param string $id its own
     * @return array<string, true> by id
     */
    public function subjects(string $id): array
    {
        $subjects = [$id => true];
        foreach ($this->actuators as $relay => $actuator) {
            $subjects += [$relay => true, $actuator->function => true];
        }
        foreach ($this->surfaces as $surface) {
            $subjects += [$surface->function => true];
        }

        return $subjects;
    }

    /**
     * @param ?Fact<float> $watts
     * @param ?Fact<SwitchedConductor> $conductor
     * @param ?array<string, Surface> $surfaces
     * @param ?array<string, Actuator> $actuators
     * @param ?Fact<float> $hoursPerDay
     */
    public function with(
        ?string $name = null,
        ?string $appliance = null,
        ?Fact $watts = null,
        ?Fact $conductor = null,
        ?array $surfaces = null,
        ?array $actuators = null,
        ?string $feed = null,
        ?Fact $hoursPerDay = null,
        ?LineSafety $safety = null,
        ?bool $uncontrolled = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }
}

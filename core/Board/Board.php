<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\ProtectionKind;
use IronLatch\Core\Catalogue\Regulation;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Silicon;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyEntry;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\MapOf;
use IronLatch\Core\Record\Measured;

/**
 * One design, whole: an immutable value that every edit turns into the next one.
 *
 * The facts of the parts in use are part of it, so a board can be checked without any catalogue at hand.
 */
final readonly class Board
{
    private BoardIndex $index;
    private Controller $controller;

    /**
     * @param string $mains part id of the mains system
     * @param Fact<float> $ambient air temperature at the coils, in °C
     * @param array<string, Rail> $rails by id
     * @param array<string, Line> $lines by id
     * @param array<string, PinFunction> $functions by id
     * @param array<string, Seat> $seats by function id
     * @param array<string, FunctionGroup> $groups by id
     * @param array<string, FittedExpander> $expanders by id; their pins are named after them, “X1.P0”
     * @param array<string, string> $frozenSeats pin by function, as the firmware in the field has it; empty while nothing is frozen
     * @param array<string, int> $lastIds the last number given out of each kind of id; none is ever given twice
     * @param array<string, Acceptance> $acceptances by rule and subject
     * @param array<string, Part> $parts by part id
     * @param array<string, AttachedDevice> $devices by id
     * @param array<string, PowerScenario> $scenarios by id
     * @param ?MainsBox $box the mains side as a whole; null while nothing is said of it
     * @param array<string, Channel> $channels ways to operate lines from afar, by id
     * @param array<string, LineGroup> $lineGroups lines that one act operates together, by id
     * @param array<string, HousePlace> $places where the board stands, its switches and appliances, by id
     * @param array<string, HouseCable> $houseCables between places, by id
     * @param WiringFacts $wiring what the maker has chosen of the wiring
     * @param BuildFacts $build how it is to be built
     * @param ?Brief $brief what it is wanted for; null while nobody has said
     * @throws \InvalidArgumentException when something on the board points at something that is not there
     */
    public function __construct(
        public string $name,
        public McuFacts $mcu,
        public ProgramFacts $program,
        public string $mains,
        #[FactOf('float'), Measured(Unit::Celsius)]
        public Fact $ambient,
        #[MapOf(Rail::class, '^R[1-9][0-9]{0,5}$')]
        public array $rails,
        #[MapOf(Line::class, '^L[1-9][0-9]{0,5}$')]
        public array $lines,
        #[MapOf(PinFunction::class, '^F[1-9][0-9]{0,5}$')]
        public array $functions,
        #[MapOf(Seat::class, '^F[1-9][0-9]{0,5}$')]
        public array $seats,
        #[MapOf(FunctionGroup::class, '^G[1-9][0-9]{0,5}$')]
        public array $groups,
        #[MapOf(FittedExpander::class, '^X[1-9][0-9]{0,5}$')]
        public array $expanders,
        #[MapOf('string', '^F[1-9][0-9]{0,5}$')]
        public array $frozenSeats,
        #[MapOf('int', '^[ACDFGHJKLPRSX]$')]
        public array $lastIds,
        public LineDefaults $defaults,
        public HouseRules $houseRules,
        #[MapOf(Acceptance::class, '^[a-z-]+\.[a-z0-9-]+:[A-Za-z0-9]+$')]
        public array $acceptances,
        #[MapOf(Part::class, '^[a-z0-9][a-z0-9-]{0,59}$')]
        public array $parts,
        #[MapOf(AttachedDevice::class, '^D[1-9][0-9]{0,5}$')]
        public array $devices = [],
        #[MapOf(PowerScenario::class, '^P[1-9][0-9]{0,5}$')]
        public array $scenarios = [],
        public ?MainsBox $box = null,
        #[MapOf(Channel::class, '^C[1-9][0-9]{0,5}$')]
        public array $channels = [],
        #[MapOf(LineGroup::class, '^K[1-9][0-9]{0,5}$')]
        public array $lineGroups = [],
        #[MapOf(HousePlace::class, '^H[1-9][0-9]{0,5}$')]
        public array $places = [],
        #[MapOf(HouseCable::class, '^J[1-9][0-9]{0,5}$')]
        public array $houseCables = [],
        public WiringFacts $wiring = new WiringFacts(),
        public BuildFacts $build = new BuildFacts(),
        public ?Brief $brief = null,
    ) {
        $this->index = new BoardIndex($this);
        $this->controller = BoardIntegrity::verify($this);
    }

    /**
     * @param ?Fact<float> $ambient
     * @param ?array<string, Rail> $rails
     * @param ?array<string, Line> $lines
     * @param ?array<string, PinFunction> $functions
     * @param ?array<string, Seat> $seats
     * @param ?array<string, FunctionGroup> $groups
     * @param ?array<string, FittedExpander> $expanders
     * @param ?array<string, string> $frozenSeats
     * @param ?array<string, int> $lastIds
     * @param ?array<string, Acceptance> $acceptances
     * @param ?array<string, Part> $parts
     * @param ?array<string, AttachedDevice> $devices
     * @param ?array<string, PowerScenario> $scenarios
     * @param ?array<string, Channel> $channels
     * @param ?array<string, LineGroup> $lineGroups
     * @param ?array<string, HousePlace> $places
     * @param ?array<string, HouseCable> $houseCables
     */
    public function with(
        ?string $name = null,
        ?McuFacts $mcu = null,
        ?ProgramFacts $program = null,
        ?string $mains = null,
        ?Fact $ambient = null,
        ?array $rails = null,
        ?array $lines = null,
        ?array $functions = null,
        ?array $seats = null,
        ?array $groups = null,
        ?array $expanders = null,
        ?array $frozenSeats = null,
        ?array $lastIds = null,
        ?LineDefaults $defaults = null,
        ?HouseRules $houseRules = null,
        ?array $acceptances = null,
        ?array $parts = null,
        ?array $devices = null,
        ?array $scenarios = null,
        ?MainsBox $box = null,
        ?array $channels = null,
        ?array $lineGroups = null,
        ?array $places = null,
        ?array $houseCables = null,
        ?WiringFacts $wiring = null,
        ?BuildFacts $build = null,
        ?Brief $brief = null,
    ): self {
        $said = get_defined_vars();
        if (null !== $lines && null === $wiring) {
            $relays = array_merge([], ...array_map(static fn(Line $line): array => array_keys($line->actuators), array_values($lines)));
            $said['wiring'] = $this->wiring->keeping($relays, array_keys($lines));
        }

        if (null !== $lines && null !== $this->brief && null === $brief) {
            $said['brief'] = $this->brief->keeping(array_map(strval(...), array_keys($lines)));
        }

        return BoardIntegrity::comingFrom($this, fn(): self => Copy::said($this, $said));
    }

    /**
     * The board with a part’s facts taken along; newer facts replace older ones.
     */
    public function withPart(Part ...$parts): self
    {
        $all = $this->parts;
        foreach ($parts as $part) {
            $all[$part->identity()->id] = $part;
        }

        return $this->with(parts: $all);
    }

    /**
     * @template T of Part
     * @param class-string<T> $class
     * @return T
     */
    public function part(string $id, string $class): Part
    {
        $part = $this->parts[$id] ?? null;

        return $part instanceof $class ? $part : throw new \LogicException(sprintf('The board has no %s “%s”.', $class, $id));
    }

    /** Id of the place where the board itself stands. */
    public function boxPlace(): string
    {
        foreach ($this->places as $id => $place) {
            if (PlaceKind::Box === $place->kind) {
                return $id;
            }
        }
        throw new \LogicException('The board stands nowhere.');
    }

    /** The controller on its carrier, with the pins of every expander. */
    public function controller(): Controller
    {
        return $this->controller;
    }

    /** What the pin of a function gives and bears; the controller’s own while it has no pin. */
    public function siliconOf(string $function): Silicon
    {
        $pin = isset($this->seats[$function]) ? $this->controller->pins[$this->seats[$function]->pin] : null;

        return $pin->silicon ?? $this->controller->chip->silicon();
    }

    public function profile(Channel $channel): SurfaceProfile
    {
        return $this->part($channel->profile, SurfaceProfile::class);
    }

    /** The group whose relays are the steps of a line; null for a line that is on or off. */
    public function stepsOf(string $line): ?FunctionGroup
    {
        foreach ($this->lines[$line]->actuators as $actuator) {
            $group = $this->groupOf($actuator->function, GroupKind::StepRelays);
            if (null !== $group) {
                return $this->groups[$group];
            }
        }

        return null;
    }

    public function expander(FittedExpander $fitted): Expander
    {
        return $this->part($fitted->part, Expander::class);
    }

    /**
     * The group of one of the given kinds that a function belongs to.
     *
     * @return ?string its id
     */
    public function groupOf(string $function, GroupKind ...$kinds): ?string
    {
        foreach ($this->groups as $id => $group) {
            if (in_array($group->kind, $kinds, true) && in_array($function, $group->functions, true)) {
                return $id;
            }
        }

        return null;
    }

    public function system(): MainsSystem
    {
        return $this->part($this->mains, MainsSystem::class);
    }

    /** °C of the air at the coils: as stated, else 40. */
    public function ambientCelsius(): float
    {
        return (float) ($this->ambient->value ?? NewBoard::ambient()->value);
    }

    /** The relay that a driver switches, or what stands in its place: the appliance itself, seen as a coil. */
    public function relay(Actuator $actuator): Relay
    {
        if (null === $actuator->relay) {
            return $this->loadOf($actuator);
        }
        $relay = $this->part($actuator->relay, Relay::class);

        return $actuator->paired ? $relay->paired() : $relay;
    }

    /** Whether what the driver switches is an inductance, whose current wants a way when it opens. */
    public function kicks(Actuator $actuator): bool
    {
        if (null !== $actuator->relay) {
            return null === $this->relay($actuator)->solidState;
        }

        return $this->appliance($this->lineWith($actuator))->load->isInductive();
    }

    /** The part that carries the coil’s current; null where that is inside a module, or the pin itself. */
    public function switchOf(Driver $driver): ?SwitchingPart
    {
        $part = $this->parts[$driver->switchPart() ?? ''] ?? null;

        return $part instanceof SwitchingPart ? $part : null;
    }

    private function loadOf(Actuator $actuator): Relay
    {
        $line = $this->lineWith($actuator);
        $appliance = $this->appliance($line);
        $switch = $this->switchOf($actuator->driver);

        return DirectLoad::asCoil(
            $appliance,
            $appliance->dcVolts ?? 0.0,
            is_float($line->watts->value) ? $line->watts->value : $appliance->typicalWatts,
            $switch?->ratedAmps(),
            $switch?->ratedVolts(),
        );
    }

    /** Whether a line may never start by itself: as is usual for its kind of appliance, or as the maker has said. */
    public function mustNotStart(string $line): bool
    {
        return $this->appliance($this->lines[$line])->mustNotSelfStart || true === $this->lines[$line]->safety?->mustNotStart?->value;
    }

    /** Whether a line must come back after a power cut; what the maker says of it goes before what is usual for its kind. */
    public function mustComeBack(string $line): bool
    {
        $said = $this->lines[$line]->safety?->mustComeBack?->value;

        return is_bool($said) ? $said : $this->appliance($this->lines[$line])->mustComeBack;
    }

    public function appliance(Line $line): Appliance
    {
        return $this->part($line->appliance, Appliance::class);
    }

    /** What feeds a rail: a source of its own, a converter on another rail, or the carrier’s own regulator. */
    public function feeder(string $rail): Supply|Converter|Carrier
    {
        $part = $this->parts[$this->rails[$rail]->supply] ?? null;

        return $part instanceof Supply || $part instanceof Converter || $part instanceof Carrier
            ? $part
            : throw new \LogicException(sprintf('Nothing feeds the rail %s.', $rail));
    }

    /** The source of its own that feeds a rail; null behind a converter or the carrier. */
    public function source(string $rail): ?Supply
    {
        $feeder = $this->feeder($rail);

        return $feeder instanceof Supply ? $feeder : null;
    }

    /** The regulator that feeds a rail; null where a source does. */
    public function regulation(string $rail): ?Regulation
    {
        $feeder = $this->feeder($rail);

        return match (true) {
            $feeder instanceof Converter => $feeder->regulation,
            $feeder instanceof Carrier => $feeder->regulator,
            $feeder instanceof Supply => null,
        };
    }

    /** Volts of a rail as its loads find it while they draw little: what diodes on the way keep is taken off. */
    /** Whether a status LED is the one that the carrier has at its pin anyway. */
    public function isCarriersOwnLamp(string $function): bool
    {
        $pin = $this->controller->pins[($this->seats[$function] ?? null)->pin ?? ''] ?? null;

        return FunctionKind::StatusLed === $this->functions[$function]->kind && null !== $pin?->header->lamp;
    }

    public function railVolts(string $rail): Spread
    {
        return $this->index->railVolts($this, $rail);
    }

    /**
     * @return list<Protection> what stands between the source and a rail
     */
    public function protection(string $rail): array
    {
        return array_map(fn(string $id): Protection => $this->part($id, Protection::class), $this->rails[$rail]->protection);
    }

    /** The greatest rating of the fuses before a rail, in amperes: until then its wires must bear it. 0 without one. */
    public function fuseAmps(string $rail): float
    {
        return max([0.0, ...array_map(
            static fn(Protection $part): float => ProtectionKind::Fuse === $part->kind ? $part->ratedAmps : 0.0,
            $this->protection($rail),
        )]);
    }

    /**
     * @return list<string> how a program gets in: by the carrier where that says so, else as is usual for its chip
     */
    public function upload(): array
    {
        return [] !== $this->controller->carrier->upload ? $this->controller->carrier->upload : $this->controller->chip->upload;
    }

    /** The pin of the carrier that takes the controller’s supply. */
    public function entry(): SupplyEntry
    {
        return $this->controller->carrier->entry($this->mcu->entry);
    }

    public function transistor(NpnLowSide $driver): Transistor
    {
        return $this->part($driver->transistor, Transistor::class);
    }

    public function moduleOf(Driver $driver): ?OptoModule
    {
        foreach ($driver->parts() as $use) {
            $part = $this->parts[$use->id] ?? null;
            if ($part instanceof OptoModule) {
                return $part;
            }
        }

        return null;
    }

    /**
     * @return array<string, Actuator> all relays of the board, by their ids
     */
    public function actuators(): array
    {
        return $this->index->actuators;
    }

    public function actuator(string $id): Actuator
    {
        return $this->index->actuators[$id];
    }

    /**
     * The relays that sit in one package with one, itself among them; none where it has a driver by itself.
     *
     * @return array<string, Actuator> by id
     */
    public function packageOf(string $relay): array
    {
        $key = $this->actuator($relay)->packageKey($relay);

        return null === $key ? [] : array_filter(
            $this->actuators(),
            static fn(Actuator $one, string $id): bool => $one->packageKey($id) === $key,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** The group whose contacts keep the lines of a function and others apart: each is fed by the resting contact of the one before it. */
    public function interlockOf(string $function): ?FunctionGroup
    {
        foreach ($this->groups as $group) {
            if (true === $group->byContacts?->value && in_array($function, $group->functions, true) && $group->isOneAtATime()) {
                return $group;
            }
        }

        return null;
    }

    /** Whether a contact only does what it is there for when its COM is fed: as one of an interlock, or as an end of a two-way circuit. */
    public function needsCom(string $relay): bool
    {
        return null !== $this->interlockOf($this->actuator($relay)->function) || null !== $this->lines[$this->lineOf($relay)]->twoWay;
    }

    /** Id of the line that a relay belongs to. */
    public function lineOf(string $actuator): string
    {
        return $this->index->lines[$actuator];
    }

    private function lineWith(Actuator $actuator): Line
    {
        $owner = $this->actuatorOf($actuator->function)
            ?? throw new \InvalidArgumentException('A driver without a relay belongs to a line.');

        return $this->lines[$this->lineOf($owner)];
    }

    /** The relay whose output a function is, if it is one. */
    public function actuatorOf(string $function): ?string
    {
        return $this->index->owners[$function] ?? null;
    }

    /**
     * @return list<string> ids of the functions seated on a pin
     */
    public function functionsOn(string $pin): array
    {
        return $this->index->seated[$pin] ?? [];
    }

    /** A word that names a subject for a reader: “Worktop lamp”, “Lamp button”, “rail 5 V”. */
    public function nameOf(string $id): string
    {
        return $this->index->nameOf($this, $id);
    }
}

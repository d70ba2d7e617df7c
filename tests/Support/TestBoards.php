<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Catalogue\FileCatalogue;
use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgingCapacitor;
use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\Days;
use IronLatch\Core\Board\Edit\Controller\StateClock;
use IronLatch\Core\Board\Edit\Controller\StateFirmware;
use IronLatch\Core\Board\Edit\Controller\StateInnerMemory;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSelector;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\AddSwitchTime;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\RemoveFunction;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\Edit\Functions\StateContactMade;
use IronLatch\Core\Board\Edit\Functions\StateRepeated;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Whole\AcceptFinding;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\LibraryPin;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\NewBoard;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\OvervoltageCategory;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;

/** Boards for tests, made of the shipped catalogue and none of the demo's. */
final class TestBoards
{
    public static function catalogue(): Catalogue
    {
        /** @var ?Catalogue $catalogue */
        static $catalogue = null;

        return $catalogue ??= FileCatalogue::load(dirname(__DIR__, 2) . '/catalogue');
    }

    /**
     * @template T of Part
     * @param class-string<T> $class
     * @return T
     */
    public static function part(string $id, string $class): Part
    {
        $part = self::catalogue()->part($id);

        return $part instanceof $class ? $part : throw new \LogicException('No such part: ' . $id);
    }

    public static function bare(string $carrier = 'esp32-carrier-38', string $chip = 'esp32'): Board
    {
        return (new StateInnerMemory(false))->apply(NewBoard::with(
            'Bare',
            self::part($carrier, Carrier::class),
            self::part($chip, Chip::class),
            self::part('mains-230', MainsSystem::class),
            self::part('module-5v-10w', Supply::class),
            self::part('reinforced-5v', Relay::class),
            self::part('npn-2n2222', Transistor::class),
        ));
    }

    /**
     * Two lines without a fault. L1 “Lamp” by the wall switch F3 through F1 and A1; L2 “Airer”, which must not start by
     * itself, by the button F4 through F2 and A2; and the analogue sensor F5.
     */
    public static function sound(): Board
    {
        return self::edited(
            self::bare(),
            new AddLine('Lamp', self::part('led-lamp', Appliance::class)),
            new AddLine('Airer', self::part('heated-airer', Appliance::class)),
            new StateConductor(['L1', 'L2'], SwitchedConductor::Live),
            new AddSurface('L1', SurfaceKind::WallSwitch),
            new AddSurface('L2', SurfaceKind::PushButton),
            new AddFunction(FunctionKind::AnalogueSensor, 'Light sensor'),
            new SeatFunction('F1', 'GPIO23'),
            new SeatFunction('F2', 'GPIO22'),
            new SeatFunction('F3', 'GPIO33'),
            new SeatFunction('F4', 'GPIO32'),
            new SeatFunction('F5', 'GPIO34'),
            new StateCable(['F3', 'F4'], 0.5),
            new StateContactMade(['F3'], false),
            new StateSafety(['L1', 'L2'], outlet: OutletKind::Fixed),
            new StateSafety(['L2'], earthJoined: true, restore: RestorePolicy::Off, cutOut: true),
            ...self::mainsFacts(),
        );
    }

    /**
     * A box on a lead of 1 mm² with a 5 A fuse, 8 mm between mains and low voltage, and a side that can be touched.
     *
     * @return list<Edit>
     */
    public static function mainsFacts(): array
    {
        return [
            new StateBox(
                inlet: InletKind::Polarised,
                inletAmps: 10.0,
                leadSquareMetres: 1e-6,
                innerSquareMetres: 1e-6,
                branchSquareMetres: 1e-6,
                terminalAmps: 10.0,
                clearanceMetres: 8e-3,
                creepageMetres: 8e-3,
                overvoltage: OvervoltageCategory::Plugged,
                pollution: PollutionDegree::Clean,
                bridgingCapacitor: BridgingCapacitor::None,
                touchable: true,
                enclosure: BaseMaterial::FlameRated,
                oneCircuit: true,
                switchesFreed: true,
                lowContactsApart: true,
                tracks: false,
            ),
            new ChooseFuse(self::part('fuse-ceramic-5', MainsFuse::class)),
        ];
    }

    /** The sound board operated by a remote alone: nothing of its low-voltage side leaves the cover. */
    public static function closed(): Board
    {
        return self::edited(
            self::sound(),
            new RemoveSurface('S1'),
            new RemoveSurface('S2'),
            new RemoveFunction('F5'),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddSurface('L2', SurfaceKind::InfraredKey),
            new SeatFunction('F6', '35'),
            new StateRepeated('F6', false),
        );
    }

    /** A sound board with as many lines as asked for, up to 16. */
    public static function withLines(int $count): Board
    {
        $board = self::bare();
        $pins = ['23', '22', '21', '19', '18', '17', '16', '4', '13', '27', '26', '25', '33', '32', '5', '2'];
        for ($line = 1; $line <= $count; ++$line) {
            $board = self::edited(
                $board,
                new AddLine('Line ' . $line, self::part('led-lamp', Appliance::class)),
                new SeatFunction('F' . $line, $pins[$line - 1]),
            );
        }

        return self::edited(
            $board,
            new StateConductor(array_map(static fn(int $line): string => 'L' . $line, range(1, $count)), SwitchedConductor::Live),
        );
    }

    /**
     * Four lines operated in every way: a lamp by a wall switch that flips it, an airer by a button, a fan in two steps by a knob, a pump
     * by a timer; a remote, a serial radio, a broker, a service that numbers pins and an assistant; two groups.
     */
    public static function operatedInManyWays(): Board
    {
        return self::edited(
            self::sound(),
            new AddLine('Extractor fan', self::part('extractor-fan', Appliance::class)),
            new AddRelay('L3'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F6', 'F7']),
            new AddSelector('Fan knob', 3),
            new AddSurface('L3', SurfaceKind::Knob, 'F8'),
            new AddLine('Größe & Pump', self::part('return-pump', Appliance::class)),
            new StateActiveLevel(['A5'], Level::Low),
            new AddSurface('L4', SurfaceKind::Timer),
            new AddSwitchTime('S4', '06:30', true),
            new AddSwitchTime('S4', '21:15', false, Days::Working),
            new StateClock(['S4'], ClockSource::Network, MissedTime::ByTheTable),
            new SeatFunction('F6', '21'),
            new SeatFunction('F7', '19'),
            new SeatFunction('F8', '18'),
            new SeatFunction('F9', '17'),
            new SeatFunction('F10', '16'),
            new SeatFunction('F11', '4'),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddSurface('L3', SurfaceKind::InfraredKey),
            new SeatFunction('F12', '35'),
            new AssignCode('S5', '0BF430CF'),
            new AssignCode('S6', '0BF418E7'),
            new AssignCode('S6', '0BF47A85', forOff: true),
            new AddChannel(self::part('serial-radio-text', SurfaceProfile::class), 'Radio'),
            new AddChannel(self::part('message-broker', SurfaceProfile::class), 'House broker', 'home/utility'),
            new AddChannel(self::part('numbered-service', SurfaceProfile::class), 'Pocket'),
            new AddChannel(self::part('spoken-assistant', SurfaceProfile::class), 'Voice'),
            new PutOnChannel('C1', ['L1', 'L2', 'L3', 'L4']),
            new PutOnChannel('C2', ['L1', 'L2', 'L3', 'L4']),
            new PutOnChannel('C3', ['L1', 'L2', 'L4']),
            new PutOnChannel('C4', ['L1', 'L3', 'L4']),
            new AddLineGroup(LineGroupKind::All, 'Everything', ['L1', 'L2', 'L3', 'L4'], ['C1', 'C2', 'C4'], false),
            new AddLineGroup(LineGroupKind::Room, 'Bath', ['L1', 'L3'], ['C2']),
            new StateStagger(0.25),
            new StateFirmware(new FirmwareFacts('core 3.0.7', 'carrier "38"', 'default', libraries: [new LibraryPin('receiver', '4.4.1')])),
        );
    }

    public static function edited(Board $board, Edit ...$edits): Board
    {
        foreach ($edits as $edit) {
            $board = $edit->apply($board);
        }

        return $board;
    }

    public static function inspect(Board $board): Report
    {
        return Inspector::withRuleBook()->inspect(new Inspection($board, self::catalogue()));
    }

    /** With the panel that the board serves itself, for all of its lines. */
    public static function withPanel(Board $board): Board
    {
        $board = self::edited($board, new AddChannel(self::part('own-panel', SurfaceProfile::class), 'Pocket panel'));

        return self::edited($board, new PutOnChannel((string) array_key_last($board->channels), array_keys($board->lines)));
    }

    /** A board of which somebody lets something stand. */
    public static function accepting(string $reason = 'a lamp may blink', string $decidedBy = 'R. Alder'): Board
    {
        $board = self::edited(self::operatedInManyWays(), new SeatFunction('F1', '14'));
        $finding = self::inspect($board)->finding('pins.boot-twitch:A1') ?? throw new \LogicException('Nothing twitches.');

        return (new AcceptFinding(
            'pins.boot-twitch',
            'A1',
            'weak',
            $finding->acceptedAs(),
            $finding->rule->version,
            $reason,
            $decidedBy,
        ))->apply($board);
    }
}

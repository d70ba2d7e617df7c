<?php

declare(strict_types=1);

namespace IronLatch\Demo;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BreakerCurve;
use IronLatch\Core\Board\BridgingCapacitor;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\ConductorColours;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Build\ChooseEnclosure;
use IronLatch\Core\Board\Edit\Build\PlaceParts;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Controller\RecordTriedSet;
use IronLatch\Core\Board\Edit\Controller\StateClock;
use IronLatch\Core\Board\Edit\Controller\StateFirmware;
use IronLatch\Core\Board\Edit\Controller\StateInnerMemory;
use IronLatch\Core\Board\Edit\Controller\StateOutputOrder;
use IronLatch\Core\Board\Edit\Controller\StateUpkeep;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddGroupKey;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\AddSwitchTime;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\StateTier;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\RenameFunction;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\Edit\Functions\StateContactMade;
use IronLatch\Core\Board\Edit\Functions\StateLamp;
use IronLatch\Core\Board\Edit\Functions\StateRepeated;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\House\AddPlace;
use IronLatch\Core\Board\Edit\House\RenamePlace;
use IronLatch\Core\Board\Edit\House\RunHouseCable;
use IronLatch\Core\Board\Edit\House\StandAt;
use IronLatch\Core\Board\Edit\House\StateHouseCable;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateHours;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Lines\StateShownAs;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\AddScenario;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Power\RunCable;
use IronLatch\Core\Board\Edit\Power\StateCapacitors;
use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Board\Edit\Power\StateSocket;
use IronLatch\Core\Board\Edit\Relays\AddGuard;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Board\LampTells;
use IronLatch\Core\Board\LibraryPin;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Board\NewBoard;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Board\OvervoltageCategory;
use IronLatch\Core\Board\PlaceKind;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Board\ResidualDevice;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Catalogue\JackPolarity;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Review\Inspection;

/** The invented boards of Alder Row, made by the same edits that a maker makes. Their files lie in demo/. */
final readonly class DemoBoards
{
    /** Of an invented remote. */
    private const REMOTE_ADDRESS = 0xD0;

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @return array<string, Board> by file name without ending
     */
    public function all(): array
    {
        return [
            'utility-room' => $this->utilityRoom(),
            'aquarium' => $this->aquarium(),
            'fermentation' => $this->fermentation(),
            'first-try' => $this->firstTry(),
        ];
    }

    /** Six lines at 230 V with buttons and a remote; sound. */
    public function utilityRoom(): Board
    {
        $board = $this->start('Utility room board', 'module-5v-10w', 'reinforced-5v');
        $board = self::make($board, [
            new StateInnerMemory(false),
            new AddRail('12 V', $this->part('adapter-12v-1a', Supply::class)),
            new AddLine('Dehumidifier', $this->part('dehumidifier', Appliance::class)),
            new AddLine('Extractor fan', $this->part('extractor-fan', Appliance::class)),
            new AddLine('Heated airer', $this->part('heated-airer', Appliance::class)),
            new AddLine('Water valve', $this->part('shut-off-valve', Appliance::class)),
            new AddLine('Worktop lamp', $this->part('led-lamp', Appliance::class)),
            new AddLine('Boiler cupboard vent', $this->part('vent-fan', Appliance::class)),
            new FeedAppliance('L4', 'R2'),
            new StateConductor(['L1', 'L2', 'L3', 'L5', 'L6'], SwitchedConductor::Live),
        ]);
        foreach (['L1' => 280.0, 'L2' => 38.0, 'L3' => 230.0, 'L4' => 6.0, 'L5' => 14.0, 'L6' => 22.0] as $line => $watts) {
            $board = (new StateLoad($line, $watts))->apply($board);
        }
        foreach (array_keys($board->lines) as $line) {
            $board = (new AddSurface($line, SurfaceKind::PushButton))->apply($board);
            $board = (new AddSurface($line, SurfaceKind::InfraredKey))->apply($board);
        }
        $board = self::make($board, [
            new AddFunction(FunctionKind::LeakProbe, 'Leak probe'),
            new AddFunction(FunctionKind::AnalogueSensor, 'Humidity sensor'),
            // The fan runs in three steps: two behind capacitors, one at full speed.
            new AddRelay('L2'),
            new AddRelay('L2'),
            new RenameFunction('F2', 'Extractor fan low'),
            new RenameFunction('F16', 'Extractor fan medium'),
            new RenameFunction('F17', 'Extractor fan full'),
            new AddGroup(GroupKind::StepRelays, 'Extractor fan steps', ['F2', 'F16', 'F17']),
            new InterlockGroup('G1', true, 0.1),
            new FitStepCapacitor('G1', 'F2', 1.2e-6),
            new FitStepCapacitor('G1', 'F16', 1.8e-6),
            new StateStepBank('G1', CapacitorClass::MotorRun, 180e3, 2.2),
        ]);

        $board = self::make($board, [
            ...self::seats([
                'F1' => '23',
                'F2' => '22',
                'F3' => '21',
                'F4' => '19',
                'F5' => '18',
                'F6' => '17',
                'F16' => '25',
                'F17' => '26',
            ]),
            ...self::seats(['F7' => '16', 'F8' => '34', 'F9' => '4', 'F10' => '13', 'F11' => '35', 'F12' => '39', 'F13' => '27']),
            ...self::seats(['F14' => '33', 'F15' => '32']),
            new FitPull('F14', PullDirection::Up, 10e3),
            // Two buttons sit on pins without a pull-up of their own.
            new FitPull('F11', PullDirection::Up, 10e3),
            new FitPull('F12', PullDirection::Up, 10e3),
            // The buttons sit in the lid of the box.
            new StateCable(['F7', 'F9', 'F10', 'F11', 'F12', 'F13'], 0.4),
            new StateOutputOrder(OutputOrder::LevelFirst),
            new StateClamp(['A1', 'A2', 'A3', 'A4', 'A5', 'A6', 'A7', 'A8'], Clamp::Diode),
            new StateBox(
                inlet: InletKind::Fixed,
                inletAmps: 16.0,
                leadSquareMetres: 1.5e-6,
                innerSquareMetres: 1.5e-6,
                branchSquareMetres: 1.5e-6,
                terminalAmps: 16.0,
                clearanceMetres: 8e-3,
                creepageMetres: 10e-3,
                overvoltage: OvervoltageCategory::Fixed,
                pollution: PollutionDegree::Clean,
                bridgingCapacitor: BridgingCapacitor::None,
                touchable: true,
                enclosure: BaseMaterial::FlameRated,
                oneCircuit: true,
                switchesFreed: true,
                lowContactsApart: true,
                tracks: false,
            ),
            new ChooseFuse($this->part('fuse-ceramic-6-3', MainsFuse::class)),
            // On the wall of the utility room, on a circuit of its own; the boiler cupboard is wired from here.
            new RenamePlace('H1', 'Utility room wall'),
            new StatePlace(
                ['H1'],
                neutral: NeutralHere::Own,
                circuits: 1,
                dimmer: false,
                breakerAmps: 16.0,
                curve: BreakerCurve::B,
                residual: ResidualDevice::ThirtyMilliamperes,
                squareMetres: 2.5e-6,
                colours: ConductorColours::Present,
                othersAmps: 4.0,
            ),
            new AddPlace('Boiler cupboard', PlaceKind::Appliance),
            new StandAt('H2', [], ['L6']),
            new StatePlace(['H2'], neutral: NeutralHere::Own, circuits: 1),
            new RunHouseCable('H1', 'H2'),
            new StateHouseCable(['J1'], mains: 2, earth: 1, low: 0, free: 0, squareMetres: 1.5e-6, insulationVolts: 300.0),
            new StateSafety(['L1', 'L2', 'L3', 'L5', 'L6'], outlet: OutletKind::Fixed, earthJoined: true, restore: RestorePolicy::Off),
            new StateSafety(['L1'], restSeconds: 240.0, snubber: Snubber::Rc),
            new StateSafety(['L2', 'L6'], restore: RestorePolicy::Last, snubber: Snubber::Rc),
            new StateSafety(['L3'], cutOut: true),
            new StateSafety(['L4'], loadDiode: true),
            new StateRepeated('F8', false),
            // The adapter stands in the next room; its rail feeds the valve alone.
            new StateSocket('R2', JackPolarity::CentrePositive),
            new RunCable('R2', 3.0, 0.5e-6),
            new StateReservoir('R1', 470e-6, 0.15),
            new StateHours(['L1'], 6.0),
            new StateHours(['L2', 'L6'], 2.0),
            new StateHours(['L3'], 1.0),
            new StateHours(['L4'], 0.1),
            new StateHours(['L5'], 3.0),
            new AddScenario('Evening', ['L1', 'L5'], true),
            new AddSurface('L4', SurfaceKind::SensorRule, 'F14'),
            new AddSurface('L1', SurfaceKind::SensorRule, 'F15'),
            // Water at the probe shuts the valve; damp air starts the dehumidifier, for ten minutes at least.
            new StateSensorRule('S13', Sensed::Event, whenLost: LostSensor::Off),
            new StateSensorRule(
                'S14',
                Sensed::Humidity,
                onPercent: 60.0,
                offPercent: 50.0,
                leastOnSeconds: 600.0,
                leastOffSeconds: 240.0,
                whenLost: LostSensor::Off,
            ),
            // One remote, read once; a broker in the house for all lines, and a voice for three of them.
            ...self::keys(['S2' => 0x45, 'S4' => 0x46, 'S6' => 0x47, 'S8' => 0x44, 'S10' => 0x40, 'S12' => 0x43]),
            new AddChannel($this->part('message-broker', SurfaceProfile::class), 'House broker', 'alder-row/utility'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new PutOnChannel('C1', ['L1', 'L2', 'L3', 'L4', 'L5', 'L6']),
            // Nobody who is not there starts the airer.
            new TellSurface('S17', Operation::Off),
            // A word is heard by a service, becomes a rule on a machine in the house, and goes to the broker; a panel goes there directly.
            new AddChannel($this->part('spoken-assistant', SurfaceProfile::class), 'Voice'),
            new AddChannel($this->part('house-rules', SurfaceProfile::class), 'House rules'),
            new AddChannel($this->part('phone-panel', SurfaceProfile::class), 'Hall panel'),
            // And one that the board serves itself, for whoever has its key.
            new AddChannel($this->part('own-panel', SurfaceProfile::class), 'Pocket panel'),
            new HandOn('C3', 'C1'),
            new HandOn('C2', 'C3'),
            new HandOn('C4', 'C1'),
            new PutOnChannel('C2', ['L1', 'L2', 'L5']),
            new PutOnChannel('C3', ['L1', 'L2', 'L5']),
            new PutOnChannel('C4', ['L1', 'L2', 'L5']),
            new PutOnChannel('C5', ['L1', 'L2', 'L4', 'L5', 'L6']),
            new StateTier('C2', 'free', eurosPerMonth: 0.0, seenOn: '2026-03-14', fallsAway: 'spoken words; all else goes on'),
            new AddLineGroup(LineGroupKind::All, 'Utility all', array_keys($board->lines), ['C1', 'C2', 'C3'], false),
            new AddLineGroup(LineGroupKind::Chosen, 'Laundry', ['L1', 'L2', 'L5'], ['C1']),
            new StateShownAs(array_keys($board->lines), room: 'Utility room'),
            new AddGroupKey('K1', SurfaceKind::InfraredKey, Operation::Off),
            new StateStagger(0.3),
            new StateUpkeep(5.0, 2.0),
            new StateFirmware(new FirmwareFacts(
                'esp32 core 3.0.7',
                '38-pin carrier',
                'default 4 MB',
                libraries: [new LibraryPin('infrared receiver', '4.4.1'), new LibraryPin('broker client', '2.8.0')],
            )),
            new RecordTriedSet('2026-03-14'),
            // Seen from the door: the board is in touch with the broker.
            new AddFunction(FunctionKind::StatusLed, 'Connection lamp'),
        ]);
        $board = self::make($board, [
            new SeatFunction((string) array_key_last($board->functions), '2'),
            new StateLamp((string) array_key_last($board->functions), LampColour::Green, 680.0, tells: LampTells::Connected),
            new AssignCode(
                (string) array_key_last($board->lineGroups['K1']->keys),
                sprintf('%08X', PulseDistance::value(self::REMOTE_ADDRESS, 0x07)),
            ),
        ]);

        return $this->laidOut($board, 'sealed-240-190-90', new StateBuild(BuildForm::CarrierBoard, fixed: true, rowsMeasured: true));
    }

    /** Five lines over an ESP8266, half done: some of what is wrong with it is still to be repaired. */
    public function aquarium(): Board
    {
        $board = $this->start('Aquarium cabinet', 'module-5v-3w', 'cube-5v', 'esp8266-carrier-30', 'esp8266');
        $board = self::make($board, [
            new AddLine('Front light', $this->part('aquarium-light', Appliance::class)),
            new AddLine('Back light', $this->part('aquarium-light', Appliance::class)),
            new AddLine('Heater', $this->part('aquarium-heater', Appliance::class)),
            new AddLine('Return pump', $this->part('return-pump', Appliance::class)),
            new AddLine('Dosing pump', $this->part('dosing-pump', Appliance::class)),
            new StateConductor(['L1', 'L2', 'L3', 'L4', 'L5'], SwitchedConductor::Live),
            new StateLoad('L1', 36.0),
            new StateLoad('L2', 24.0),
            new StateLoad('L3', 200.0),
            new AddSurface('L1', SurfaceKind::PushButton),
            new AddSurface('L1', SurfaceKind::Timer),
            new AddSurface('L2', SurfaceKind::Timer),
            new AddSurface('L4', SurfaceKind::WallSwitch),
            new AddSurface('L5', SurfaceKind::Timer),
            new AddFunction(FunctionKind::OneWireSensor, 'Water temperature'),
        ]);

        $board = self::make($board, [
            new AddSurface('L3', SurfaceKind::SensorRule, 'F8'),
            new StateSensorRule('S6', Sensed::Temperature, 25.0, 26.0, whenLost: LostSensor::Off),
            new AddSwitchTime('S2', '09:00', true),
            new AddSwitchTime('S2', '19:00', false),
            new AddSwitchTime('S3', '10:30', true),
            new AddSwitchTime('S3', '20:00', false),
            new StateClock(['S2', 'S3'], ClockSource::Network, MissedTime::ByTheTable),
            // Printed D1, D2, D5, D8, D0, D7, D3 and D6: one was noted by its print; the wall switch on D3 stops the chip when it stands
            // closed.
            ...self::seats([
                'F1' => 'GPIO5',
                'F2' => 'D2',
                'F3' => 'GPIO14',
                'F4' => 'GPIO15',
                'F5' => 'GPIO16',
                'F6' => 'GPIO13',
                'F7' => 'GPIO0',
                'F8' => 'GPIO12',
            ]),
            new FitPull('F8', PullDirection::Up, 4.7e3),
            new StateCable(['F6', 'F7'], 0.5),
            new StateCable(['F8'], 1.0),
            new StateOutputOrder(OutputOrder::LevelFirst),
            new StateClamp(['A1', 'A2', 'A3', 'A4', 'A5'], Clamp::Diode),
            new StateBox(
                inlet: InletKind::Polarised,
                inletAmps: 10.0,
                leadSquareMetres: 0.75e-6,
                innerSquareMetres: 0.75e-6,
                branchSquareMetres: 0.5e-6,
                terminalAmps: 10.0,
                clearanceMetres: 4e-3,
                creepageMetres: 4e-3,
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
            new ChooseFuse($this->part('fuse-ceramic-5', MainsFuse::class)),
            new StateSafety(
                ['L1', 'L2', 'L3', 'L4', 'L5'],
                outlet: OutletKind::Earthed,
                earthJoined: true,
                restore: RestorePolicy::Last,
                outletAmps: 10.0,
            ),
            new StateSafety(['L3'], cutOut: false),
            new AddChannel($this->part('message-broker', SurfaceProfile::class), 'Cabinet broker'),
            new ChangeChannel('C1', blockSeconds: 5.0),
            new PutOnChannel('C1', ['L1', 'L2', 'L4']),
        ]);

        return $this->laidOut($board, 'sealed-240-190-90', new StateBuild(BuildForm::Perforated, fixed: true, rowsMeasured: false));
    }

    /** Three lines at 120 V without a radio: heat and cold that can never be on together, and a fan; sound. */
    public function fermentation(): Board
    {
        $board = $this->start('Fermentation cupboard', 'module-5v-5w', 'reinforced-5v', 'atmega328p-carrier-30', 'atmega328p', 'mains-120');
        $board = self::make($board, [
            new AddLine('Heat belt', $this->part('heat-belt', Appliance::class)),
            new AddLine('Cooler', $this->part('cooler', Appliance::class)),
            new AddLine('Circulation fan', $this->part('vent-fan', Appliance::class)),
            new StateConductor(['L1', 'L2', 'L3'], SwitchedConductor::Live),
            new StateLoad('L1', 40.0),
            new StateLoad('L2', 85.0),
            new StateLoad('L3', 18.0),
            new AddGroup(GroupKind::NeverTogether, 'Heat and cold', ['F1', 'F2']),
            new InterlockGroup('G1', true, 0.1),
            new AddFunction(FunctionKind::OneWireSensor, 'Barrel temperature'),
            new AddSurface('L1', SurfaceKind::SensorRule, 'F4'),
            new AddSurface('L2', SurfaceKind::SensorRule, 'F4'),
            new AddSurface('L3', SurfaceKind::SensorRule, 'F4'),
            new AddSurface('L3', SurfaceKind::PushButton),
            new StateSensorRule('S1', Sensed::Temperature, 19.0, 20.0, whenLost: LostSensor::Off),
            new StateSensorRule(
                'S2',
                Sensed::Temperature,
                23.0,
                22.0,
                leastOnSeconds: 300.0,
                leastOffSeconds: 300.0,
                whenLost: LostSensor::Off,
            ),
            new StateSensorRule('S3', Sensed::Temperature, 22.0, 21.0, whenLost: LostSensor::Off),
            // Nobody is there when the belt goes on: a second relay opens it when the first one cannot.
            new AddGuard('L1'),
        ]);

        $board = self::make($board, [
            ...self::seats(['F1' => 'D7', 'F2' => 'D8', 'F3' => 'D6', 'F4' => 'D4', 'F5' => 'D5', 'F6' => 'D9']),
            new FitPull('F4', PullDirection::Up, 4.7e3),
            new StateCable(['F4'], 1.5),
            new StateCable(['F5'], 0.3),
            new StateOutputOrder(OutputOrder::LevelFirst),
            new StateClamp(['A1', 'A2', 'A3', 'A4'], Clamp::Diode),
            new StateBox(
                inlet: InletKind::Polarised,
                inletAmps: 10.0,
                leadSquareMetres: 0.82e-6,
                innerSquareMetres: 1.3e-6,
                branchSquareMetres: 0.82e-6,
                terminalAmps: 15.0,
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
            new ChooseFuse($this->part('fuse-ceramic-5', MainsFuse::class)),
            new StateSafety(
                ['L1', 'L2', 'L3'],
                outlet: OutletKind::Earthed,
                earthJoined: true,
                restore: RestorePolicy::Off,
                outletAmps: 15.0,
            ),
            new StateSafety(['L1'], cutOut: true),
            new StateSafety(['L2'], restSeconds: 300.0, snubber: Snubber::Rc),
            new StateSafety(['L3'], snubber: Snubber::Rc),
            new StateReservoir('R1', 220e-6, 0.2),
        ]);

        return $this->laidOut($board, 'sealed-200-120-75', new StateBuild(BuildForm::CarrierBoard, fixed: true, rowsMeasured: true));
    }

    /** A board with nearly every fault there is, for learning. */
    public function firstTry(): Board
    {
        $board = $this->start('First try', 'module-5v-3w', 'cube-5v');
        $transistor = $this->part('npn-2n2222', Transistor::class);
        $module = $this->part('opto-module-low', OptoModule::class);
        $board = self::make($board, [
            new AddLine('Desk lamp', $this->part('led-lamp', Appliance::class)),
            new AddLine('desk  lamp', $this->part('filament-lamp', Appliance::class)),
            new AddLine('Fan heater', $this->part('portable-heater', Appliance::class)),
            new AddLine('Window fan', $this->part('vent-fan', Appliance::class)),
            new AddLine('Saw', $this->part('workshop-saw', Appliance::class)),
            new AddLine('Shelf light', $this->part('led-lamp', Appliance::class)),
            new AddLine('Radio', $this->part('dosing-pump', Appliance::class)),
            new AddLine('Stair light', $this->part('led-lamp', Appliance::class)),
            new StateConductor(['L1', 'L2', 'L3', 'L5', 'L6', 'L7', 'L8'], SwitchedConductor::Live),
            new StateConductor(['L4'], SwitchedConductor::Neutral),
            new StateLoad('L3', 2600.0),
            new StateLoad('L5', 1000.0),
            new DriveDirectly(['A1']),
            new ChooseRelay(['A2'], $this->part('cube-12v', Relay::class)),
            new DriveByTransistor(['A3'], $transistor, 470.0),
            new DriveByTransistor(['A4'], $transistor, 4700.0, 10e3),
            new DriveByModule(['A6'], $module),
            new StateActiveLevel(['A6'], Level::High),
            new DriveByTransistor(['A7'], $transistor, 47e3),
            new DriveByModule(['A8'], $this->part('opto-module-low-bare', OptoModule::class)),
            new ChooseContact(['A7'], ContactUse::NormallyClosed),
            new StateClamp(['A5'], Clamp::None),
            new AddSurface('L1', SurfaceKind::WallSwitch),
            new AddSurface('L2', SurfaceKind::PushButton),
            new AddSurface('L3', SurfaceKind::InfraredKey),
            new AddSurface('L4', SurfaceKind::WallSwitch),
            new AddSurface('L5', SurfaceKind::PushButton),
            new AddSurface('L6', SurfaceKind::WallSwitch),
            new AddFunction(FunctionKind::AnalogueSensor, 'Light sensor'),
            new AddFunction(FunctionKind::StatusLed, 'Status light'),
            new StateLamp('F16', LampColour::Red, 680.0),
        ]);

        return self::make($board, [
            // Relays: quiet, shared, twitching with a danger, shared, quiet, strapped, input only, console.
            ...self::seats([
                'F1' => '23',
                'F2' => '22',
                'F3' => '14',
                'F4' => '22',
                'F5' => '19',
                'F6' => '12',
                'F7' => '35',
                'F8' => 'TX',
            ]),
            // Wall switch and button on one strap, a button that is fine, receiver, switch without pull-up, switch that is fine.
            ...self::seats(['F9' => 'GPIO0', 'F10' => '5', 'F11' => '36', 'F12' => '34', 'F13' => 'GPIO0', 'F14' => '33']),
            // A converter that the radio takes; a print that can be read two ways.
            ...self::seats(['F15' => '25', 'F16' => 'D2']),
            // The shelf's wall switch is at the other end of the room.
            new StateContactMade(['F9', 'F14'], false),
            new StateCable(['F9', 'F10', 'F12', 'F13'], 0.3),
            new StateCable(['F14'], 6.0),
            // A display that hangs on a signal pin, and a regulator without its capacitors.
            new AttachDevice($this->part('small-display', Device::class), 'Display', pin: '32'),
            new AddConvertedRail('3.3 V', $this->part('ldo-1117-3v3', Converter::class), 'R1'),
            new StateCapacitors('R2', false),
            new ProtectRail('R1', $this->part('tvs-5v', Protection::class)),
            // A box of wood on a thin lead, with whatever fuse lay about.
            new StateBox(
                inlet: InletKind::Polarised,
                inletAmps: 16.0,
                leadSquareMetres: 1.0e-6,
                innerSquareMetres: 1.5e-6,
                branchSquareMetres: 1.5e-6,
                terminalAmps: 16.0,
                clearanceMetres: 3e-3,
                creepageMetres: 3e-3,
                overvoltage: OvervoltageCategory::Plugged,
                pollution: PollutionDegree::Clean,
                bridgingCapacitor: BridgingCapacitor::None,
                touchable: true,
                enclosure: BaseMaterial::Wood,
                oneCircuit: true,
                switchesFreed: false,
                tracks: false,
            ),
            new ChooseFuse($this->part('fuse-glass-5', MainsFuse::class)),
            new StateSafety(array_keys($board->lines), outlet: OutletKind::Lead),
            new StateSafety(['L3'], earthJoined: false, restore: RestorePolicy::Last, cutOut: false),
            new StateSafety(['L5'], restore: RestorePolicy::Off),
            new StateSafety(['L1'], snubber: Snubber::Rc),
            // Codes noted in a hurry, a service that numbers pins, a broker that loses messages.
            new AddSurface('L6', SurfaceKind::InfraredKey),
            new AssignCode('S3', '0BF4A25E'),
            new AssignCode('S7', 'FFFFFFFF'),
            new AddChannel($this->part('numbered-service', SurfaceProfile::class), 'Pocket service'),
            new ChangeChannel('C1', blockSeconds: 8.0, region: 'Europe'),
            new StateTier('C1', 'free', eurosPerMonth: 0.0, seenOn: '2026-03-14', fallsAway: 'the sixth line'),
            new PutOnChannel('C1', ['L1', 'L2', 'L3', 'L4', 'L5', 'L6']),
            new TellSurface('S9', address: '23'),
            new AddChannel($this->part('message-broker', SurfaceProfile::class), 'Broker'),
            new PutOnChannel('C2', ['L1', 'L6', 'L8']),
            new TellSurface('S15', Operation::Toggle),
            new TellSurface('S16', address: 'first-try/#'),
            new TellSurface('S2', promisesFeedback: true),
            new AddLineGroup(LineGroupKind::All, 'Everything', ['L1', 'L3', 'L5', 'L6'], ['C2']),
            // All of it loose, in whatever box is to be had, and for as little as possible.
            new StateBuild(BuildForm::HandWired, fixed: false, mostEuros: 25.0),
        ]);
    }

    /** In a box, with every part where it fits. */
    private function laidOut(Board $board, string $enclosure, StateBuild $how): Board
    {
        $board = self::make($board, [$how, new ChooseEnclosure($this->part($enclosure, Enclosure::class))]);
        $layout = (new Inspection($board))->layout();
        $places = null === $layout ? null : (new Placer($layout))->places();

        return null === $places
            ? throw new \LogicException(sprintf('The parts of “%s” do not fit the box.', $board->name))
            : (new PlaceParts($places))->apply($board);
    }

    /**
     * Keys of the invented remote: address 0, and one command each.
     *
     * @param array<string, int> $commands by surface
     * @return list<Edit>
     */
    private static function keys(array $commands): array
    {
        return array_map(
            static fn(string $surface, int $command): Edit => new AssignCode(
                $surface,
                sprintf('%08X', PulseDistance::value(self::REMOTE_ADDRESS, $command)),
            ),
            array_keys($commands),
            array_values($commands),
        );
    }

    private function start(
        string $name,
        string $supply,
        string $relay,
        string $carrier = 'esp32-carrier-38',
        string $chip = 'esp32',
        string $mains = 'mains-230',
    ): Board {
        return NewBoard::with(
            $name,
            $this->part($carrier, Carrier::class),
            $this->part($chip, Chip::class),
            $this->part($mains, MainsSystem::class),
            $this->part($supply, Supply::class),
            $this->part($relay, Relay::class),
            $this->part('npn-2n2222', Transistor::class),
        );
    }

    /**
     * @param array<string, string> $pins by function
     * @return list<Edit>
     */
    private static function seats(array $pins): array
    {
        $edits = [];
        foreach ($pins as $function => $pin) {
            $edits[] = new SeatFunction($function, $pin);
        }

        return $edits;
    }

    /**
     * @param list<Edit> $edits
     */
    private static function make(Board $board, array $edits): Board
    {
        foreach ($edits as $edit) {
            $board = $edit->apply($board);
        }

        return $board;
    }

    /**
     * @template T of Part
     * @param class-string<T> $class
     * @return T
     */
    private function part(string $id, string $class): Part
    {
        $part = $this->catalogue->part($id);

        return $part instanceof $class ? $part : throw new \LogicException(sprintf('The catalogue has no %s “%s”.', $class, $id));
    }
}

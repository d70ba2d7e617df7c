<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Board\BridgingCapacitor;
use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controller\SetExpander;
use IronLatch\Core\Board\Edit\Controller\SetI2cBus;
use IronLatch\Core\Board\Edit\Controller\StateBareModule;
use IronLatch\Core\Board\Edit\Controller\StateClock;
use IronLatch\Core\Board\Edit\Controller\StateDriveStrength;
use IronLatch\Core\Board\Edit\Controller\StateInnerMemory;
use IronLatch\Core\Board\Edit\Controller\StateOutputOrder;
use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSelector;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\AddSwitchTime;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Controls\SetThresholds;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Board\Edit\Drivers\HoldCoils;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Drivers\SetModuleJumpers;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\Functions\ChangeFunctionKind;
use IronLatch\Core\Board\Edit\Functions\DeclareSharing;
use IronLatch\Core\Board\Edit\Functions\FitDebounce;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\RemoveFunction;
use IronLatch\Core\Board\Edit\Functions\ShiftLevel;
use IronLatch\Core\Board\Edit\Functions\StateBarrier;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\Edit\Functions\StateContactMade;
use IronLatch\Core\Board\Edit\Functions\StateHighLevel;
use IronLatch\Core\Board\Edit\Functions\StateRepeated;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\Functions\TolerateConsole;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\DescribeAppliance;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Lines\StateHours;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateOnPurpose;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Mains\StateTrack;
use IronLatch\Core\Board\Edit\Pins\ConfirmReading;
use IronLatch\Core\Board\Edit\Pins\FreezePins;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Pins\UnseatFunction;
use IronLatch\Core\Board\Edit\Power\AddCarrierRail;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseEntry;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\ConvertRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\FitHeatSink;
use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Power\RunCable;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Board\Edit\Power\StateCapacitors;
use IronLatch\Core\Board\Edit\Power\StateGround;
use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Board\Edit\Power\StateSocket;
use IronLatch\Core\Board\Edit\Power\StateUsbTogether;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Board\Edit\Relays\AddStep;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\Edit\Relays\PairRelay;
use IronLatch\Core\Board\Edit\Relays\RemoveRelay;
use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Board\Edit\Relays\SwitchDirectly;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\MosfetHighSide;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Board\OvervoltageCategory;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Seal;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\JackPolarity;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\PMosfet;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Support\TestBoards;

/**
 * For each rule at least one planted fault with what must be said of it, and its nearest sound twin, which must stay silent.
 * Unless a board is given, both start from TestBoards::sound().
 */
final class RuleFixtures
{
    /**
     * @return iterable<string, array{rule: string, subject: string, kind: Severity, figure: string, fault: Board, twin: Board}>
     */
    public static function all(): iterable
    {
        $sound = TestBoards::sound();
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $bareModule = TestBoards::part('opto-module-low-bare', OptoModule::class);
        $transistor = TestBoards::part('npn-2n2222', Transistor::class);
        $relay12 = TestBoards::part('reinforced-12v', Relay::class);
        $seat = static fn(string $function, string $pin): Edit => new SeatFunction($function, $pin);
        $both = static fn(Edit ...$edits): Edit => new Sequence('both', array_values($edits));
        $on12Volts = TestBoards::edited(
            $sound,
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseRelay(['A1'], $relay12),
            new FeedCoils(['A1'], 'R2'),
        );
        $mainsOnly = static fn(string $appliance): Edit => new ChooseAppliance('L1', TestBoards::part($appliance, Appliance::class));

        yield 'line without a relay' => self::one(
            'lines.no-relay',
            'L1',
            Severity::Broken,
            '',
            new RemoveRelay('A1'),
            $both(new RemoveRelay('A1'), new AddRelay('L1')),
        );

        yield 'relay output without a pin' => self::one(
            'pins.no-pin',
            'F1',
            Severity::Broken,
            '',
            new UnseatFunction('F1'),
            $both(new UnseatFunction('F1'), $seat('F1', '21')),
        );

        yield 'switch on a relay’s pin' => self::one(
            'pins.shared-pin',
            'GPIO23',
            Severity::Broken,
            '',
            $seat('F3', '23'),
            $seat('F3', '21'),
        );

        yield 'switch on the flash' => self::one('pins.flash-pin', 'F3', Severity::Broken, '', $seat('F3', 'CLK'), $seat('F3', '15'));

        $s3 = TestBoards::edited(
            TestBoards::bare('esp32-s3-carrier-44', 'esp32-s3'),
            new AddFunction(FunctionKind::MaintainedSwitch, 'Switch'),
        );
        yield 'zero crossings on a pin with false edges' => self::one(
            'pins.edge-glitch',
            'F6',
            Severity::Weak,
            '',
            $both(new AddFunction(FunctionKind::ZeroCross, 'Zero crossing'), $seat('F6', '36'), new FitPull('F6', PullDirection::Up, 10e3)),
            $both(new AddFunction(FunctionKind::ZeroCross, 'Zero crossing'), $seat('F6', '35'), new FitPull('F6', PullDirection::Up, 10e3)),
        );
        yield 'infrared on a pin with false edges' => self::one(
            'pins.edge-glitch',
            'F6',
            Severity::Hint,
            '',
            $both(new AddFunction(FunctionKind::InfraredReceiver, 'Infrared'), $seat('F6', '39')),
            $both(
                new AddFunction(FunctionKind::InfraredReceiver, 'Infrared'),
                $seat('F6', '39'),
                new RemoveFunction('F5'),
                new StateRadio(false),
            ),
        );
        $pico = TestBoards::edited(
            TestBoards::bare('rp2040-carrier-40', 'rp2040'),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            $seat('F1', 'GPIO2'),
        );
        yield 'base current above the strength after reset' => self::one(
            'pins.drive-strength',
            'A1',
            Severity::Weak,
            '×0.695',
            new StateDriveStrength(false),
            new StateDriveStrength(true),
            $pico,
        );
        yield 'capacitor on a strap' => self::one(
            'pins.debounce-on-strap',
            'F4',
            Severity::Weak,
            '×0.751',
            $both($seat('F4', '0'), new FitDebounce('F4', 100e-9)),
            $both($seat('F4', '0'), new FitDebounce('F4', 47e-9)),
        );
        yield 'capacitor on a strap that only upsets timing' => self::one(
            'pins.debounce-on-strap',
            'F4',
            Severity::Hint,
            '×0.16',
            $both($seat('F4', '5'), new FitDebounce('F4', 1e-6)),
            $both($seat('F4', '27'), new FitDebounce('F4', 1e-6)),
        );
        $nine = TestBoards::bare('atmega328p-carrier-30', 'atmega328p');
        for ($line = 1; $line <= 9; ++$line) {
            $nine = TestBoards::edited(
                $nine,
                new AddLine('Lamp ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                new SetDriverValue(['A' . $line], 'baseOhms', 220.0),
            );
        }
        $on = static fn(string ...$pins): Edit => $both(...array_map(
            static fn(int $place): Edit => new SeatFunction('F' . ($place + 1), $pins[$place]),
            range(0, count($pins) - 1),
        ));
        // Two ports share one path to supply: 150 mA for C0 to C5 and D0 to D4 together, 200 mA for the chip.
        yield 'nine outputs of two ports that share a supply' => self::one(
            'pins.current-sum',
            'board',
            Severity::Broken,
            '×0.979',
            $on('A0', 'A1', 'A2', 'A3', 'A4', 'A5', 'D2', 'D3', 'D4'),
            $on('A0', 'A1', 'A2', 'A3', 'A4', 'A5', 'D5', 'D6', 'D7'),
            $nine,
        );
        yield 'large capacitor on a strap' => self::one(
            'pins.debounce-on-strap',
            'F4',
            Severity::Broken,
            '×0.0341',
            $both($seat('F4', '0'), new FitDebounce('F4', 4.7e-6)),
            $both($seat('F4', '32'), new FitDebounce('F4', 4.7e-6)),
        );
        yield 'mains switch on the pull-up of the chip' => self::one(
            'pins.wetting-current',
            'F3',
            Severity::Weak,
            '40 µA',
            new StateContactMade(['F3'], true),
            $both(new StateContactMade(['F3'], true), new FitPull('F3', PullDirection::Up, 2.7e3)),
        );
        yield 'mains switch on 3.3 kΩ' => self::one(
            'pins.wetting-current',
            'F3',
            Severity::Weak,
            '964 µA',
            $both(new StateContactMade(['F3'], true), new FitPull('F3', PullDirection::Up, 3.3e3)),
            $both(new StateContactMade(['F3'], false), new FitPull('F3', PullDirection::Up, 3.3e3)),
        );
        yield 'relay on a pin of the PSRAM inside' => self::one(
            'pins.inner-memory',
            'F1',
            Severity::Broken,
            '',
            $both($seat('F1', '16'), new StateInnerMemory(true)),
            $both($seat('F1', '25'), new StateInnerMemory(true)),
        );
        yield 'sensor on a pin of the eight-wire flash inside' => self::one(
            'pins.inner-memory',
            'F1',
            Severity::Broken,
            '',
            $both($seat('F1', '35'), new StateInnerMemory(true)),
            $both($seat('F1', '35'), new StateInnerMemory(false)),
            $s3,
        );
        yield 'switch on USB' => self::one('pins.console-pin', 'F1', Severity::Weak, '', $seat('F1', '19'), $seat('F1', '18'), $s3);
        yield 'switch on the console' => self::one(
            'pins.console-pin',
            'F3',
            Severity::Weak,
            '',
            $seat('F3', 'RX'),
            $both($seat('F3', 'RX'), new TolerateConsole('F3', true)),
        );

        yield 'module holds the flash voltage strap up' => self::one(
            'pins.strap-at-reset',
            'F1',
            Severity::Broken,
            '2.28 V',
            $both(new DriveByModule(['A1'], $module), $seat('F1', '12')),
            $seat('F1', '12'),
        );
        yield 'module holds the download strap up' => self::one(
            'pins.strap-at-reset',
            'F1',
            Severity::Weak,
            '2.28 V',
            $both(new DriveByModule(['A1'], $module), $seat('F1', '2')),
            $seat('F1', '2'),
        );
        yield 'transistor pulls the run strap down' => self::one(
            'pins.strap-at-reset',
            'F1',
            Severity::Broken,
            '618 mV',
            $seat('F1', '0'),
            $both(new DriveByModule(['A1'], $module), $seat('F1', '0')),
        );
        yield 'transistor pulls a harmless strap down' => self::one(
            'pins.strap-at-reset',
            'F1',
            Severity::Hint,
            '618 mV',
            $seat('F1', '5'),
            $both(new DriveByModule(['A1'], $module), $seat('F1', '5')),
        );
        yield 'pull-up fights the flash voltage strap' => self::one(
            'pins.strap-at-reset',
            'F3',
            Severity::Broken,
            '2.7 V',
            $both($seat('F3', '12'), new FitPull('F3', PullDirection::Up, 10e3)),
            $seat('F3', '12'),
        );

        yield 'wall switch on the run strap' => self::one(
            'pins.switch-holds-strap',
            'F3',
            Severity::Broken,
            '',
            $seat('F3', '0'),
            $both($seat('F3', '0'), new ChangeFunctionKind('F3', FunctionKind::Button)),
        );
        yield 'wall switch on a harmless strap' => self::one(
            'pins.switch-holds-strap',
            'F3',
            Severity::Hint,
            '',
            $seat('F3', '15'),
            $seat('F3', '12'),
        );

        yield 'button on the run strap' => self::one('pins.button-on-strap', 'F4', Severity::Hint, '', $seat('F4', '0'), $seat('F4', '15'));

        yield 'lamp relay on a pin that is pulsed' => self::one(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '5.04 V',
            $seat('F1', '14'),
            $seat('F1', '13'),
        );
        yield 'airer relay on a pin that is pulsed' => self::one(
            'pins.boot-twitch',
            'A2',
            Severity::Danger,
            '5.04 V',
            $seat('F2', '14'),
            $seat('F2', '13'),
        );
        yield 'pull-up through an open base drives a 12 V coil' => self::one(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '11.3 V',
            $both(new DriveByTransistor(['A1'], $transistor, 470.0), $seat('F1', '15')),
            $both(new DriveByTransistor(['A1'], $transistor, 470.0, 10e3), $seat('F1', '15')),
            $on12Volts,
        );
        $heldBase = $both(new DriveByTransistor(['A1'], $transistor, 470.0, 15e3), $seat('F1', '15'));
        yield 'resistor that holds a base down in cool air only' => self::one(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '6.99 V',
            $both($heldBase, new StateAmbient(60.0)),
            $both($heldBase, new StateAmbient(40.0)),
            $on12Volts,
        );
        $gate = static fn(string $relay, ?float $pullDown): Edit => new ChooseDriver(
            [$relay],
            new MosfetLowSide('mosfet-2v5', 100.0, $pullDown),
            [TestBoards::part('mosfet-2v5', Mosfet::class)],
        );
        yield 'gate of a lamp that nothing holds' => self::one(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '3.4 V',
            $gate('A1', null),
            $gate('A1', 10e3),
        );
        yield 'gate of an airer that nothing holds' => self::one(
            'pins.boot-twitch',
            'A2',
            Severity::Danger,
            '3.4 V',
            $gate('A2', null),
            $gate('A2', 10e3),
        );
        yield 'gate on a pull-down of a megohm' => self::one(
            'pins.boot-twitch',
            'A2',
            Severity::Danger,
            '1 V',
            $gate('A2', 1e6),
            $gate('A2', 470e3),
        );
        $array = new ChooseDriver(['A2'], new ArrayChannel('uln2003a'), [TestBoards::part('uln2003a', DarlingtonArray::class)]);
        yield 'array of an airer whose input nothing holds' => self::one(
            'pins.boot-twitch',
            'A2',
            Severity::Danger,
            '3.4 V',
            $array,
            $both($array, new FitPull('F2', PullDirection::Down, 10e3)),
        );
        yield 'module on the boot log' => self::one(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '2.39 mA',
            $both(new DriveByModule(['A1'], $module), $seat('F1', 'TX'), new TolerateConsole('F1', true)),
            $both(new DriveByModule(['A1'], $module), $seat('F1', 'RX'), new TolerateConsole('F1', true)),
        );

        yield 'relay on an input-only pin' => self::one(
            'pins.output-on-input-only',
            'F1',
            Severity::Broken,
            '',
            $seat('F1', '35'),
            $seat('F1', '27'),
        );

        yield 'switch without a pull-up' => self::one(
            'pins.pull-up-missing',
            'F3',
            Severity::Broken,
            '',
            $seat('F3', '35'),
            $both($seat('F3', '35'), new FitPull('F3', PullDirection::Up, 10e3)),
        );
        yield 'switch with a pull-down' => self::one(
            'pins.pull-up-missing',
            'F3',
            Severity::Broken,
            '',
            $both($seat('F3', '35'), new FitPull('F3', PullDirection::Down, 10e3)),
            $seat('F3', '27'),
        );

        $eightTwoSixSix = TestBoards::edited(
            TestBoards::bare('esp8266-carrier-30', 'esp8266'),
            new AddFunction(FunctionKind::Button, 'Button'),
        );
        yield 'button against the carrier’s pull-down' => self::one(
            'pins.pull-up-missing',
            'F1',
            Severity::Broken,
            '×0.277',
            $seat('F1', 'D8'),
            $seat('F1', 'D5'),
            $eightTwoSixSix,
        );
        yield 'button with a pull-up that the carrier’s pull-down all but beats' => self::one(
            'pins.pull-up-missing',
            'F1',
            Severity::Weak,
            '×0.99',
            $both($seat('F1', 'D8'), new FitPull('F1', PullDirection::Up, 3.9e3)),
            $both($seat('F1', 'D8'), new FitPull('F1', PullDirection::Up, 3.3e3)),
            $eightTwoSixSix,
        );

        $wire = static fn(float $metres, ?float $ohms): Edit => $both(
            new AddFunction(FunctionKind::OneWireSensor, 'Water'),
            new SeatFunction('F6', '27'),
            new StateCable(['F6'], $metres),
            ...null === $ohms ? [] : [new FitPull('F6', PullDirection::Up, $ohms)],
        );
        yield 'one-wire sensor without a pull-up' => self::one(
            'pins.one-wire-pull-up',
            'F6',
            Severity::Broken,
            '',
            $wire(1.0, null),
            $wire(1.0, 4.7e3),
        );
        yield 'one-wire sensor at the end of 20 m' => self::one(
            'pins.one-wire-pull-up',
            'F6',
            Severity::Weak,
            '4.7 kΩ',
            $wire(20.0, 4.7e3),
            $wire(20.0, 3.3e3),
        );
        yield 'one-wire sensor on too strong a pull-up' => self::one(
            'pins.one-wire-pull-up',
            'F6',
            Severity::Weak,
            '470 Ω',
            $wire(1.0, 470.0),
            $wire(1.0, 1e3),
        );

        $bare = TestBoards::edited(TestBoards::bare('esp32-module', 'esp32'), new AddFunction(FunctionKind::Button, 'Button'));
        $around = static fn(bool $pulled, bool $led): Edit => new StateBareModule($pulled, $led);
        yield 'module whose reset line hangs in the air' => self::one(
            'pins.bare-module',
            'reset',
            Severity::Broken,
            '',
            $around(false, true),
            $around(true, true),
            $bare,
        );
        yield 'module that no program gets into' => self::one(
            'pins.bare-module',
            'header',
            Severity::Broken,
            '',
            $around(true, false),
            $around(true, true),
            $bare,
        );

        yield 'sensor on the converter that the radio takes' => self::one(
            'pins.input-cannot-read',
            'F5',
            Severity::Broken,
            '',
            $seat('F5', '25'),
            $both($seat('F5', '25'), new StateRadio(false)),
        );
        yield 'sensor without a converter' => self::one(
            'pins.input-cannot-read',
            'F5',
            Severity::Broken,
            '',
            $seat('F5', '18'),
            $seat('F5', '35'),
        );

        yield 'print that is another pin’s number' => self::one(
            'pins.label-misread',
            'F3',
            Severity::Weak,
            '',
            $seat('F3', 'D2'),
            $both($seat('F3', 'D2'), new ConfirmReading('F3')),
        );

        yield from self::seating();
        yield from self::expanders();
        yield from self::drivers();
        yield from self::power();
        yield from self::mains();

        yield 'coil straight on its pin' => self::one(
            'drive.coil-on-pin',
            'A1',
            Severity::Broken,
            '50 mA',
            new DriveDirectly(['A1']),
            new DriveByTransistor(['A1'], $transistor, 470.0),
        );

        yield '12 V coil on 5 V' => self::one(
            'drive.coil-voltage',
            'A1',
            Severity::Broken,
            '×0.417',
            new ChooseRelay(['A1'], $relay12),
            $both(
                new ChooseRelay(['A1'], $relay12),
                new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
                new FeedCoils(['A1'], 'R2'),
            ),
        );

        $highRail = new ChooseSupply(
            'R2',
            Copy::of(
                TestBoards::part('module-12v-10w', Supply::class),
                [
                    'identity' => new PartIdentity('module-13v', 1, 'Module set high', Basis::CommonPractice, 'for a test'),
                    'output' => new Spread(12.8, 13.0, 13.5),
                ],
            ),
        );
        yield 'coil on a rail at its upper end in warm air' => self::one(
            'drive.coil-voltage',
            'A1',
            Severity::Weak,
            '×0.998',
            $both($highRail, new StateAmbient(65.0)),
            $both($highRail, new StateAmbient(60.0)),
            $on12Volts,
        );
        $tender = static fn(float $ratio): Edit => new ChooseRelay(
            ['A1'],
            Copy::of(
                TestBoards::part('reinforced-12v', Relay::class),
                [
                    'identity' => new PartIdentity('relay-tender', 1, 'Relay with a tender coil', Basis::CommonPractice, 'for a test'),
                    'greatestRatio' => $ratio,
                ],
            ),
        );
        yield 'coil that bears less than its rail' => self::one(
            'drive.coil-voltage',
            'A1',
            Severity::Broken,
            '×0.936',
            $both($highRail, $tender(1.05)),
            $both($highRail, $tender(1.3)),
            $on12Volts,
        );
        $coupled = static fn(float $ohms): Edit => new ChooseDriver(
            ['A1'],
            new CouplerDriver('pc817', 'npn-2n2222', $ohms, 470.0),
            [TestBoards::part('pc817', OptoCoupler::class), TestBoards::part('npn-2n2222', Transistor::class)],
        );
        yield 'coupler that is strong enough while it is new' => self::one(
            'drive.does-not-pull-in',
            'A1',
            Severity::Weak,
            '×0.821',
            $coupled(680.0),
            $coupled(390.0),
        );
        yield '5 V module on 12 V' => self::one(
            'drive.coil-voltage',
            'A1',
            Severity::Broken,
            '×2.4',
            new DriveByModule(['A1'], $module),
            new DriveByTransistor(['A1'], $transistor, 470.0),
            $on12Volts,
        );

        yield '47 kΩ at the base' => self::one(
            'drive.does-not-pull-in',
            'A1',
            Severity::Broken,
            '×0.00109',
            new SetDriverValue(['A1'], 'baseOhms', 47e3),
            new SetDriverValue(['A1'], 'baseOhms', 470.0),
        );
        yield '4.7 kΩ at the base' => self::one(
            'drive.does-not-pull-in',
            'A1',
            Severity::Weak,
            '×0.61',
            new SetDriverValue(['A1'], 'baseOhms', 4.7e3),
            new SetDriverValue(['A1'], 'baseOhms', 560.0),
        );
        yield '1 kΩ at the base is over the house rule' => self::one(
            'drive.does-not-pull-in',
            'A1',
            Severity::Hint,
            '×33.4',
            new SetDriverValue(['A1'], 'baseOhms', 1e3),
            new SetDriverValue(['A1'], 'baseOhms', 560.0),
        );

        yield '47 Ω at the base' => self::one(
            'drive.pin-overloaded',
            'A1',
            Severity::Broken,
            '49.4 mA',
            new SetDriverValue(['A1'], 'baseOhms', 47.0),
            new SetDriverValue(['A1'], 'baseOhms', 270.0),
        );
        yield '150 Ω at the base' => self::one(
            'drive.pin-overloaded',
            'A1',
            Severity::Weak,
            '18.1 mA',
            new SetDriverValue(['A1'], 'baseOhms', 150.0),
            new SetDriverValue(['A1'], 'baseOhms', 270.0),
        );

        yield 'module without an LED in series' => self::one(
            'drive.module-ambiguous',
            'A1',
            Severity::Weak,
            '×0.108',
            new DriveByModule(['A1'], $bareModule),
            new DriveByModule(['A1'], $module),
        );

        yield 'active low on a transistor' => self::one(
            'drive.active-level',
            'A1',
            Severity::Broken,
            '',
            new StateActiveLevel(['A1'], Level::Low),
            new StateActiveLevel(['A1'], Level::High),
        );
        yield 'active high on a module' => self::one(
            'drive.active-level',
            'A1',
            Severity::Broken,
            '',
            $both(new DriveByModule(['A1'], $module), new StateActiveLevel(['A1'], Level::High)),
            new DriveByModule(['A1'], $module),
        );

        $jumper = new DriveByModule(['A1'], TestBoards::part('opto-module-jumper', OptoModule::class));
        yield 'cap set the other way than the program' => self::one(
            'drive.active-level',
            'A1',
            Severity::Broken,
            '',
            $both($jumper, new SetModuleJumpers(['A1'], Level::Low), new StateActiveLevel(['A1'], Level::High)),
            $both($jumper, new SetModuleJumpers(['A1'], Level::High), new StateActiveLevel(['A1'], Level::High)),
        );

        $six = TestBoards::withLines(6);
        yield 'six coils on 3 W' => self::one(
            'power.supply-overloaded',
            'R1',
            Severity::Broken,
            '993 mA',
            new ChooseSupply('R1', TestBoards::part('module-5v-3w', Supply::class)),
            new ChooseSupply('R1', TestBoards::part('module-5v-5w', Supply::class)),
            $six,
        );
        $eight = TestBoards::edited(TestBoards::withLines(8), new StateRadio(false));
        yield 'eight coils on 5 W, no radio' => self::one(
            'power.supply-overloaded',
            'R1',
            Severity::Weak,
            '897 mA',
            new ChooseSupply('R1', TestBoards::part('module-5v-5w', Supply::class)),
            new ChooseSupply('R1', TestBoards::part('module-5v-10w', Supply::class)),
            $eight,
        );

        $twelve = TestBoards::part('module-12v-10w', Supply::class);
        yield 'controller on 12 V' => self::one(
            'power.controller-voltage',
            'R1',
            Severity::Broken,
            '12.2 V',
            new ChooseSupply('R1', $twelve),
            $both(new AddRail('12 V', $twelve), new FeedCoils(['A1'], 'R2')),
        );

        yield 'more than the contact’s rating' => self::one(
            'mains.contact-overloaded',
            'A2',
            Severity::Danger,
            '×0.92',
            new StateLoad('L2', 4000.0),
            new StateLoad('L2', 2600.0),
        );
        yield 'exactly the contact’s rating' => self::one(
            'mains.contact-overloaded',
            'A2',
            Severity::Weak,
            '×0.727',
            new StateLoad('L2', 3680.0),
            new StateLoad('L2', 2600.0),
        );
        yield 'contacts in a hot box' => self::one(
            'mains.contact-overloaded',
            'A2',
            Severity::Weak,
            '×0.765',
            $both(new StateLoad('L2', 1500.0), new StateAmbient(90.0)),
            new StateLoad('L2', 1500.0),
        );
        $belt = $both(
            new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
            $mainsOnly('heat-belt'),
            new StateLoad('L1', 1160.0),
        );
        yield 'normally closed contact beyond its approval' => self::one(
            'mains.contact-overloaded',
            'A1',
            Severity::Danger,
            '×0.991',
            $both($belt, new ChooseContact(['A1'], ContactUse::NormallyClosed)),
            $belt,
        );
        $peak = static fn(float $amps): Edit => new ChooseRelay(
            ['A1'],
            Copy::of(
                TestBoards::part('reinforced-5v', Relay::class),
                [
                    'identity' => new PartIdentity('relay-peak', 1, 'Relay with a peak rating', Basis::CommonPractice, 'for a test'),
                    'contactPeakAmps' => $amps,
                ],
            ),
        );
        yield 'pump that starts with more than the contact bears for a moment' => self::one(
            'mains.contact-overloaded',
            'A1',
            Severity::Weak,
            '×0.845',
            $both($mainsOnly('return-pump'), new StateLoad('L1', 700.0), $peak(30.0)),
            $both($mainsOnly('return-pump'), new StateLoad('L1', 700.0), $peak(40.0)),
        );
        yield 'too many electronic lamps' => self::one(
            'mains.contact-overloaded',
            'A1',
            Severity::Weak,
            '×0.92',
            new StateLoad('L1', 200.0),
            new StateLoad('L1', 180.0),
        );
        $dc = static fn(float $volts, float $watts): Edit => new ChooseAppliance(
            'L1',
            new Appliance(
                new PartIdentity('dc-motor', 1, 'DC motor', Basis::CommonPractice, 'for a test'),
                LoadKind::DcInductive,
                $watts,
                1.0,
                $volts,
            ),
        );
        yield 'pump on a bare resistive rating' => self::one(
            'mains.contact-overloaded',
            'A1',
            Severity::Weak,
            '×0.966',
            $both($mainsOnly('return-pump'), new StateLoad('L1', 800.0)),
            $both($mainsOnly('return-pump'), new StateLoad('L1', 700.0)),
        );
        yield '24 V DC motor beyond the contact' => self::one(
            'mains.contact-overloaded',
            'A1',
            Severity::Danger,
            '×0.96',
            $dc(24.0, 400.0),
            $dc(24.0, 110.0),
        );
        yield '48 V DC on a contact for 30 V' => self::one(
            'mains.contact-overloaded',
            'A1',
            Severity::Danger,
            '×0.625',
            $dc(48.0, 20.0),
            $dc(24.0, 20.0),
        );
        yield 'motor on a resistive rating' => self::one(
            'mains.contact-overloaded',
            'A1',
            Severity::Weak,
            '×0.966',
            $both($mainsOnly('workshop-saw'), new StateLoad('L1', 1200.0)),
            $both($mainsOnly('workshop-saw'), new StateLoad('L1', 1100.0)),
        );

        yield 'neutral alone' => self::one(
            'mains.neutral-switched',
            'L1',
            Severity::Danger,
            '',
            new StateConductor(['L1'], SwitchedConductor::Neutral),
            new StateConductor(['L1'], SwitchedConductor::Both),
        );
        yield 'neutral alone on the NC contact' => self::one(
            'mains.neutral-switched',
            'L1',
            Severity::Danger,
            '',
            $both(new ChooseContact(['A1'], ContactUse::NormallyClosed), new StateConductor(['L1'], SwitchedConductor::Neutral)),
            new ChooseContact(['A1'], ContactUse::NormallyClosed),
        );

        yield 'airer on the NC contact' => self::one(
            'mains.on-when-dead',
            'A2',
            Severity::Danger,
            '',
            new ChooseContact(['A2'], ContactUse::NormallyClosed),
            new ChooseContact(['A1'], ContactUse::NormallyClosed),
        );

        yield 'names that differ in blanks and capitals' => self::one(
            'controls.name-clash',
            'L2',
            Severity::Broken,
            '',
            new RenameLine('L2', 'la-MP'),
            new RenameLine('L2', 'Lamp 2'),
        );
    }

    /**
     * Faults of the seating as a whole, of buses, cables and sums.
     *
     * @return iterable<string, array{rule: string, subject: string, kind: Severity, figure: string, fault: Board, twin: Board}>
     */
    private static function seating(): iterable
    {
        $sound = TestBoards::sound();
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $seat = static fn(string $function, string $pin): Edit => new SeatFunction($function, $pin);
        $both = static fn(Edit ...$edits): Edit => new Sequence('both', array_values($edits));
        $lines = static fn(int $count): Edit => new Sequence(
            'lines',
            array_map(
                static fn(int $line): Edit => new AddLine('Line ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                range(1, $count),
            ),
        );

        yield 'ten relays on an ESP8266' => self::one(
            'pins.does-not-fit',
            'board',
            Severity::Broken,
            '',
            $lines(10),
            $lines(9),
            TestBoards::bare('esp8266-carrier-30', 'esp8266'),
        );

        $avr = TestBoards::edited(
            TestBoards::bare('atmega328p-carrier-30', 'atmega328p'),
            new AddFunction(FunctionKind::InfraredReceiver, 'Receiver'),
            new AddGroup(GroupKind::I2c, 'Bus'),
        );
        yield 'receiver without an interrupt' => self::one(
            'pins.no-interrupt',
            'F1',
            Severity::Broken,
            '',
            $seat('F1', 'D4'),
            $seat('F1', 'D3'),
            $avr,
        );
        yield 'bus clock off the one pin that has it' => self::one(
            'pins.bus-pin',
            'F3',
            Severity::Broken,
            '',
            $seat('F3', 'A4'),
            $seat('F3', 'A5'),
            $avr,
        );
        $rp = TestBoards::edited(TestBoards::bare('rp2040-carrier-40', 'rp2040'), new AddGroup(GroupKind::I2c, 'Bus'));
        yield 'bus on two units' => self::one(
            'pins.bus-pin',
            'G1',
            Severity::Broken,
            '',
            $both($seat('F1', 'GP4'), $seat('F2', 'GP7')),
            $both($seat('F1', 'GP4'), $seat('F2', 'GP9')),
            $rp,
        );

        yield 'moved off its frozen pin' => self::one(
            'pins.frozen-moved',
            'F3',
            Severity::Weak,
            '',
            $both(new FreezePins(), $seat('F3', '27')),
            $both(new FreezePins(), $seat('F3', '27'), new FreezePins()),
        );

        $wired = static function (int $count): Edit {
            $edits = [];
            foreach (range(1, $count) as $line) {
                array_push(
                    $edits,
                    new AddLine('Line ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                    new SeatFunction('F' . $line, 'GP' . ($line + 1)),
                );
            }

            return new Sequence('wired', $edits);
        };
        $bare = TestBoards::bare('rp2040-carrier-40', 'rp2040');
        yield 'twelve base currents from one RP2040' => self::one(
            'pins.current-sum',
            'board',
            Severity::Broken,
            '×0.904',
            $wired(12),
            $wired(8),
            $bare,
        );
        yield 'ten base currents from one RP2040' => self::one(
            'pins.current-sum',
            'board',
            Severity::Weak,
            '×0.869',
            $wired(10),
            $wired(8),
            $bare,
        );

        yield 'three metres on the pull-up inside' => self::one(
            'pins.long-cable',
            'F3',
            Severity::Weak,
            '3 m',
            new StateCable(['F3'], 3.0),
            $both(new StateCable(['F3'], 3.0), new FitPull('F3', PullDirection::Up, 4.7e3)),
        );

        yield 'two relays on one pin, one of them declared' => self::one(
            'pins.shared-pin',
            'GPIO23',
            Severity::Broken,
            '',
            $both($seat('F3', '23'), new DeclareSharing('F3', true)),
            $both($seat('F3', '23'), new DeclareSharing('F3', true), new DeclareSharing('F1', true)),
        );
        yield 'one-wire on an input-only pin' => self::one(
            'pins.output-on-input-only',
            'F6',
            Severity::Broken,
            '',
            $both(new AddFunction(FunctionKind::OneWireSensor, 'Probe'), $seat('F6', '35')),
            $both(new AddFunction(FunctionKind::OneWireSensor, 'Probe'), new SeatFunction('F6', '27')),
        );
        yield 'bus pull-up on the flash voltage strap' => self::one(
            'pins.strap-at-reset',
            'F6',
            Severity::Broken,
            '2.99 V',
            $both(new AddGroup(GroupKind::I2c, 'Bus'), $seat('F6', '12')),
            $both(new AddGroup(GroupKind::I2c, 'Bus'), $seat('F6', '5')),
        );
        yield 'motion sensor on the run strap' => self::one(
            'pins.strap-at-reset',
            'F6',
            Severity::Broken,
            '71.7 mV',
            $both(new AddFunction(FunctionKind::MotionSensor, 'Motion'), $seat('F6', '0')),
            $both(new AddFunction(FunctionKind::MotionSensor, 'Motion'), $seat('F6', '35')),
        );
        $c3 = TestBoards::edited(
            TestBoards::bare('esp32-c3-carrier-16', 'esp32-c3'),
            new AddFunction(FunctionKind::MaintainedSwitch, 'Switch'),
        );
        yield 'wall switch on a strap that only uploading reads' => self::one(
            'pins.switch-holds-strap',
            'F1',
            Severity::Weak,
            '',
            $seat('F1', '8'),
            $seat('F1', '7'),
            $c3,
        );

        yield 'active-low module, output made first' => self::one(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '2.39 mA',
            $both(new DriveByModule(['A1'], $module), new StateOutputOrder(OutputOrder::OutputFirst)),
            $both(new DriveByModule(['A1'], $module), new StateOutputOrder(OutputOrder::LevelFirst)),
        );
        yield 'one step of two on a pulsed pin' => self::one(
            'pins.boot-twitch',
            'A3',
            Severity::Danger,
            '5.04 V',
            $both(new AddRelay('L1'), new AddGroup(GroupKind::StepRelays, 'Steps', ['F1', 'F6']), $seat('F6', '14')),
            $both(new AddRelay('L1'), new AddGroup(GroupKind::StepRelays, 'Steps', ['F1', 'F6']), $seat('F6', '13')),
        );

        $bus = TestBoards::edited($sound, new AddGroup(GroupKind::I2c, 'Bus'));
        $pulls = static fn(?float $ohms, float $hertz = 100e3): Edit => new SetI2cBus('G1', $hertz, $ohms, 50e-12);
        yield 'bus without pull-ups' => self::one('pins.bus-pull-up', 'G1', Severity::Broken, '', $pulls(null), $pulls(4.7e3), $bus);
        yield 'bus with 680 Ω' => self::one('pins.bus-pull-up', 'G1', Severity::Broken, '×0.703', $pulls(680.0), $pulls(1.2e3), $bus);
        yield 'bus with 1 kΩ' => self::one('pins.bus-pull-up', 'G1', Severity::Weak, '×0.95', $pulls(1e3), $pulls(1.2e3), $bus);
        yield 'fast bus with 10 kΩ' => self::one(
            'pins.bus-pull-up',
            'G1',
            Severity::Broken,
            '×0.59',
            $pulls(10e3, 400e3),
            $pulls(4.7e3, 400e3),
            $bus,
        );
    }

    /**
     * @return iterable<string, array{rule: string, subject: string, kind: Severity, figure: string, fault: Board, twin: Board}>
     */
    private static function expanders(): iterable
    {
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $eight = TestBoards::part('pcf8574', Expander::class);
        $register = TestBoards::part('74hct595', Expander::class);
        $seat = static fn(string $function, string $pin): Edit => new SeatFunction($function, $pin);
        $both = static fn(Edit ...$edits): Edit => new Sequence('both', array_values($edits));

        yield 'transistor on a quasi-bidirectional output' => self::one(
            'pins.expander-sources',
            'A1',
            Severity::Broken,
            '66 µA',
            $both(new FitExpander($eight), $seat('F1', 'X1.P0')),
            $both(new FitExpander($eight), new DriveByModule(['A1'], $module), $seat('F1', 'X1.P0')),
        );

        yield 'shift register that nothing holds off' => self::one(
            'pins.expander-at-power-up',
            'A1',
            Severity::Broken,
            '5.05 V',
            $both(new FitExpander($register, 'R1', false), $seat('F1', 'X1.Q0')),
            $both(new FitExpander($register, 'R1', true), $seat('F1', 'X1.Q0')),
        );
        yield 'airer on a shift register that nothing holds off' => self::one(
            'pins.expander-at-power-up',
            'A2',
            Severity::Danger,
            '5.05 V',
            $both(new FitExpander($register, 'R1', false), $seat('F2', 'X1.Q0')),
            $both(new FitExpander($register, 'R1', true), $seat('F2', 'X1.Q0')),
        );

        $gate = static fn(string $relay, ?float $pullDown): Edit => new ChooseDriver(
            [$relay],
            new MosfetLowSide('mosfet-2v5', 100.0, $pullDown),
            [TestBoards::part('mosfet-2v5', Mosfet::class)],
        );
        $pushPull = new FitExpander(TestBoards::part('mcp23017', Expander::class));
        yield 'gate on an expander that has not been spoken to' => self::one(
            'pins.expander-at-power-up',
            'A1',
            Severity::Weak,
            '3.4 V',
            $both($pushPull, $gate('A1', null), $seat('F1', 'X1.A0')),
            $both($pushPull, $gate('A1', 10e3), $seat('F1', 'X1.A0')),
        );
        yield 'gate of an airer on an expander that has not been spoken to' => self::one(
            'pins.expander-at-power-up',
            'A2',
            Severity::Danger,
            '3.4 V',
            $both($pushPull, $gate('A2', null), $seat('F2', 'X1.A0')),
            $both($pushPull, $gate('A2', 10e3), $seat('F2', 'X1.A0')),
        );
        yield '5 V expander on a 3.3 V bus' => self::one(
            'pins.expander-bus-level',
            'X1',
            Severity::Broken,
            '×0.943',
            new FitExpander($eight, 'R1'),
            new FitExpander($eight),
        );
        yield '5 V expander behind a level shifter' => self::one(
            'pins.expander-bus-level',
            'X1',
            Severity::Broken,
            '×0.943',
            new FitExpander($eight, 'R1'),
            $both(new FitExpander($eight, 'R1'), new SetI2cBus('G1', 100e3, 4.7e3, 50e-12, true)),
        );
        yield 'shift register of the wrong kind' => self::one(
            'pins.expander-bus-level',
            'X1',
            Severity::Broken,
            '×0.943',
            new FitExpander(TestBoards::part('74hc595', Expander::class), 'R1'),
            new FitExpander($register, 'R1'),
        );
        yield 'shift register below its supply' => self::one(
            'pins.expander-bus-level',
            'X1',
            Severity::Broken,
            '',
            new FitExpander($register),
            new FitExpander($register, 'R1'),
        );
        // No supply in the catalogue lies so close: this one is made for the test.
        $close = new Supply(
            new PartIdentity('module-4v6', 1, 'Module 4.6 V', Basis::CommonPractice, 'test'),
            SupplyForm::EncapsulatedModule,
            new Spread(4.5, 4.6, 4.7),
            1.0,
        );
        yield 'expander on 4.6 V' => self::one(
            'pins.expander-bus-level',
            'X1',
            Severity::Weak,
            '×0.973',
            $both(new AddRail('4.6 V', $close), new FitExpander($eight, 'R2')),
            new FitExpander($eight),
        );

        $two = $both(new FitExpander($eight), new FitExpander($eight));
        yield 'two expanders on one address' => self::one(
            'pins.expander-address',
            'X2',
            Severity::Broken,
            '',
            $both($two, new SetExpander('X2', 0x20, null)),
            $both($two, new SetExpander('X2', 0x27, null)),
        );
        yield 'A variant on the plain one’s address' => self::one(
            'pins.expander-address',
            'X1',
            Severity::Broken,
            '',
            $both(new FitExpander(TestBoards::part('pcf8574a', Expander::class)), new SetExpander('X1', 0x20, null)),
            $both(new FitExpander(TestBoards::part('pcf8574a', Expander::class)), new SetExpander('X1', 0x38, null)),
        );
    }

    /**
     * @return iterable<string, array{rule: string, subject: string, kind: Severity, figure: string, fault: Board, twin: Board}>
     */
    private static function drivers(): iterable
    {
        $both = static fn(Edit ...$edits): Edit => new Sequence('both', array_values($edits));
        $mosfet = static function (string $id): Edit {
            $part = TestBoards::part($id, Mosfet::class);

            return new ChooseDriver(['A1'], new MosfetLowSide($id, 100.0, 10e3), [$part]);
        };
        $array = TestBoards::part('uln2803a', DarlingtonArray::class);
        $onArray = static fn(Edit ...$more): Edit => new Sequence(
            'array',
            [new ChooseDriver(['A1'], new ArrayChannel('uln2803a'), [$array]), ...array_values($more)],
        );

        yield 'coil in hot air' => self::one(
            'drive.hot-restart',
            'A1',
            Severity::Weak,
            '×0.966',
            $both(new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)), new StateAmbient(50.5)),
            new StateAmbient(45.0),
        );
        yield 'coil behind a module in warm air' => self::one(
            'drive.hot-restart',
            'A1',
            Severity::Hint,
            '×0.969',
            $both(new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)), new StateAmbient(49.5)),
            new StateAmbient(45.0),
        );

        $high = static fn(float $gateOhms): Edit => new ChooseDriver(
            ['A1'],
            new MosfetHighSide('npn-bc547b', 'p-mosfet-10v', 4.7e3, $gateOhms),
            [TestBoards::part('npn-bc547b', Transistor::class), TestBoards::part('p-mosfet-10v', PMosfet::class)],
        );
        $strip = new PartIdentity('strip', 1, 'Strip of LEDs, 24 V', Basis::CommonPractice, 'for a test');
        $directly = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('24 V', TestBoards::part('module-24v-10w', Supply::class)),
            new ChooseAppliance('L1', new Appliance($strip, LoadKind::Resistive, 5.0, 1.0, 24.0)),
            new FeedAppliance('L1', 'R2'),
            new SwitchDirectly(['A1']),
        );
        yield 'gate on a rail of 24 V' => self::one(
            'drive.gate-overvoltage',
            'A1',
            Severity::Broken,
            '×0.825',
            $high(100.0),
            $high(10e3),
            $directly,
        );
        yield 'gate all but halved' => self::one(
            'drive.gate-overvoltage',
            'A1',
            Severity::Weak,
            '×0.98',
            $high(2.2e3),
            $high(10e3),
            $directly,
        );
        yield '10 V MOSFET on a 3.3 V pin' => self::one(
            'drive.gate-not-specified',
            'A1',
            Severity::Broken,
            '×0.326',
            $mosfet('mosfet-10v'),
            $mosfet('mosfet-2v5'),
        );
        yield '4.5 V MOSFET on a 3.3 V pin' => self::one(
            'drive.gate-not-specified',
            'A1',
            Severity::Weak,
            '×0.725',
            $mosfet('mosfet-4v5'),
            $mosfet('mosfet-2v5'),
        );

        yield 'transistor without a diode' => self::one(
            'drive.no-clamp',
            'A1',
            Severity::Broken,
            '',
            new StateClamp(['A1'], Clamp::None),
            new StateClamp(['A1'], Clamp::Diode),
        );
        yield 'array with its common pin open' => self::one(
            'drive.no-clamp',
            'A1',
            Severity::Broken,
            '',
            $onArray(new StateClamp(['A1'], Clamp::None)),
            $onArray(new StateClamp(['A1'], Clamp::Diode)),
        );

        $nine = TestBoards::withLines(9);
        $all = static fn(int $count): array => array_map(static fn(int $line): string => 'A' . $line, range(1, $count));
        yield 'nine relays on eight channels' => self::one(
            'drive.package-heat',
            'A1',
            Severity::Broken,
            '',
            new ChooseDriver($all(9), new ArrayChannel('uln2803a'), [$array]),
            new ChooseDriver($all(8), new ArrayChannel('uln2803a'), [$array]),
            $nine,
        );
        // No array in the catalogue is so small a package: these are made for the test.
        $tiny = static fn(float $kelvin): DarlingtonArray => new DarlingtonArray(
            new PartIdentity('array-test', 1, 'Array in a small package', Basis::CommonPractice, 'test'),
            8,
            $array->inputOhms,
            $array->gain,
            $array->saturationCurrent,
            $array->collectorResistance,
            0.5,
            50.0,
            $kelvin,
            150.0,
        );
        yield 'eight relays on a package that sheds little heat' => self::one(
            'drive.package-heat',
            'A1',
            Severity::Broken,
            '×0.983',
            new ChooseDriver($all(8), new ArrayChannel('array-test'), [$tiny(240.0)]),
            new ChooseDriver($all(8), new ArrayChannel('uln2803a'), [$array]),
            $nine,
        );
        yield 'eight relays on a package that sheds just enough' => self::one(
            'drive.package-heat',
            'A1',
            Severity::Weak,
            '×0.867',
            new ChooseDriver($all(8), new ArrayChannel('array-test'), [$tiny(210.0)]),
            new ChooseDriver($all(8), new ArrayChannel('array-test'), [$tiny(120.0)]),
            $nine,
        );

        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $isolating = static fn(bool $jumperOff): Edit => new ChooseDriver(
            ['A1'],
            new OptoModuleInput('opto-module-low', Level::Low, $jumperOff, true),
            [$module],
        );
        $ownRail = new AddRail('Coils', TestBoards::part('module-5v-5w', Supply::class));
        yield 'isolation on one rail' => self::one(
            'drive.isolation-claimed',
            'A1',
            Severity::Weak,
            '',
            $isolating(true),
            $both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating(true)),
        );
        yield 'isolation with the jumper on' => self::one(
            'drive.isolation-claimed',
            'A1',
            Severity::Weak,
            '',
            $both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating(false)),
            $both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating(true)),
        );

        $twelve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseRelay(['A1'], TestBoards::part('reinforced-12v', Relay::class)),
            new FeedCoils(['A1'], 'R2'),
        );
        yield 'zener that lets the coil kick too high' => self::one(
            'drive.switch-rating',
            'A1',
            Severity::Broken,
            '×0.816',
            $both($mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::DiodeZener)),
            $both($mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::Diode)),
            $twelve,
        );
        // No transistor in the catalogue is so small: this one is made for the test.
        $small = static fn(float $amps): Edit => new ChooseDriver(
            ['A1'],
            new MosfetLowSide('mosfet-test', 100.0, 10e3),
            [new Mosfet(
                new PartIdentity('mosfet-test', 1, 'Small MOSFET', Basis::CommonPractice, 'test'),
                new Spread(0.6, 0.9, 1.2),
                2.5,
                0.05,
                $amps,
                30.0,
            )],
        );
        yield 'MOSFET for less than the coil draws' => self::one(
            'drive.switch-rating',
            'A1',
            Severity::Broken,
            '×0.62',
            $small(0.05),
            $small(0.1),
        );
        yield 'MOSFET for just what the coil draws' => self::one(
            'drive.switch-rating',
            'A1',
            Severity::Weak,
            '×0.933',
            $small(0.085),
            $small(0.1),
        );

        $valve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseAppliance('L1', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L1', 'R2'),
            new SwitchDirectly(['A1']),
        );
        $transistor = TestBoards::part('npn-bc547b', Transistor::class);
        yield 'small transistor on a valve' => self::one(
            'drive.switch-rating',
            'A1',
            Severity::Broken,
            '×0.2',
            new ChooseDriver(['A1'], new NpnLowSide('npn-bc547b', 220.0, 10e3), [$transistor]),
            $mosfet('mosfet-2v5'),
            $valve,
        );
        yield 'valve without a diode' => self::one(
            'drive.no-clamp',
            'A1',
            Severity::Broken,
            '',
            $both($mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::None)),
            $both($mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::Diode)),
            $valve,
        );

        $bistable = static fn(string $id, string $relay): Edit => new ChooseRelay([$id], TestBoards::part($relay, Relay::class));
        yield 'bistable relay with one winding' => self::one(
            'drive.bistable',
            'A1',
            Severity::Broken,
            '',
            $bistable('A1', 'bistable-5v-one'),
            $bistable('A1', 'cube-5v'),
        );
        $bridge = TestBoards::part('drv8837', BridgeDriver::class);
        $bridged = static fn(Edit ...$more): Edit => new Sequence(
            'bridged',
            [
                $bistable('A1', 'bistable-5v-one'),
                new ChooseDriver(['A1'], new BridgeOutput('drv8837'), [$bridge]),
                new AddSecondWinding('A1'),
                new SeatFunction('F6', '21'),
                ...array_values($more),
            ],
        );
        yield 'diode across a winding on a bridge' => self::one(
            'drive.no-clamp',
            'A1',
            Severity::Broken,
            '',
            $bridged(new StateClamp(['A1'], Clamp::Diode)),
            $bridged(new StateClamp(['A1'], Clamp::None)),
        );
        yield 'bistable relay that is never opened' => self::one(
            'drive.bistable',
            'A1',
            Severity::Broken,
            '',
            $bistable('A1', 'bistable-5v-two'),
            $both($bistable('A1', 'bistable-5v-two'), new AddSecondWinding('A1'), new SeatFunction('F6', '21')),
        );
        yield 'second winding that the relay does not have' => self::one(
            'drive.bistable',
            'A3',
            Severity::Broken,
            '',
            $both($bistable('A1', 'bistable-5v-two'), new AddSecondWinding('A1'), $bistable('A1', 'cube-5v')),
            $both($bistable('A1', 'bistable-5v-two'), new AddSecondWinding('A1'), new SeatFunction('F6', '21')),
        );
        $heater = new ChooseAppliance('L2', TestBoards::part('portable-heater', Appliance::class));
        yield 'bistable relay on what must not start by itself' => self::one(
            'mains.on-when-dead',
            'A2',
            Severity::Danger,
            '',
            $both($heater, $bistable('A2', 'bistable-5v-two')),
            $both($heater, $bistable('A2', 'cube-5v')),
        );

        $solid = static fn(string $line, string $relay, string $appliance, ?float $watts = null): Edit => new Sequence('solid', [
            new ChooseRelay(['A' . $line], TestBoards::part($relay, Relay::class)),
            new ChooseAppliance('L' . $line, TestBoards::part($appliance, Appliance::class)),
            ...null === $watts ? [] : [new StateLoad('L' . $line, $watts)],
        ]);
        yield 'triac on direct current' => self::one(
            'drive.solid-state-output',
            'A1',
            Severity::Broken,
            '',
            $solid('1', 'ssr-25a-zero', 'shut-off-valve'),
            $solid('1', 'ssr-5a-dc', 'shut-off-valve'),
        );
        yield 'normally closed solid-state relay' => self::one(
            'drive.solid-state-output',
            'A2',
            Severity::Broken,
            '',
            $both($solid('2', 'ssr-25a-zero', 'heated-airer'), new ChooseContact(['A2'], ContactUse::NormallyClosed)),
            $solid('2', 'ssr-25a-zero', 'heated-airer'),
        );
        yield 'load under the least current' => self::one(
            'drive.solid-state-output',
            'A1',
            Severity::Weak,
            '×0.783',
            $solid('1', 'ssr-25a-zero', 'led-lamp', 9.0),
            $solid('1', 'cube-5v', 'led-lamp', 9.0),
        );
        yield 'lamp that glows on the leakage' => self::one(
            'drive.solid-state-output',
            'A1',
            Severity::Weak,
            '×69.6',
            $solid('1', 'ssr-25a-zero', 'led-lamp', 24.0),
            $solid('1', 'ssr-25a-zero', 'filament-lamp', 60.0),
        );
        yield 'eight amperes without a heat sink' => self::one(
            'drive.solid-state-heat',
            'A2',
            Severity::Broken,
            '×0.815',
            $solid('2', 'ssr-25a-zero', 'heated-airer', 2000.0),
            $solid('2', 'ssr-25a-zero', 'heated-airer', 1000.0),
        );
        yield 'six amperes without a heat sink' => self::one(
            'drive.solid-state-heat',
            'A2',
            Severity::Weak,
            '×0.931',
            $solid('2', 'ssr-25a-zero', 'heated-airer', 1400.0),
            $solid('2', 'ssr-25a-zero', 'heated-airer', 1000.0),
        );

        $receiver = $both(new AddFunction(FunctionKind::InfraredReceiver, 'Receiver'), new SeatFunction('F6', '35'));
        yield '5 V receiver on a 3.3 V pin' => self::one(
            'drive.level-into-pin',
            'F6',
            Severity::Broken,
            '×0.72',
            $both($receiver, new StateHighLevel(['F6'], 5.0)),
            $both($receiver, new StateHighLevel(['F6'], 3.3)),
        );
        yield '3.5 V receiver on a 3.3 V pin' => self::one(
            'drive.level-into-pin',
            'F6',
            Severity::Weak,
            '×1.03',
            $both($receiver, new StateHighLevel(['F6'], 3.5)),
            $both($receiver, new StateHighLevel(['F6'], 3.3)),
        );
        $avr = TestBoards::edited(
            TestBoards::bare('atmega328p-carrier-30', 'atmega328p'),
            new AddFunction(FunctionKind::MotionSensor, 'Motion'),
            new SeatFunction('F1', 'D4'),
        );
        $fed = static fn(string $part, ?string $rail, string $function): Edit => new AttachDevice(
            TestBoards::part($part, Device::class),
            'Thing',
            $rail,
            function: $function,
        );
        yield 'receiver fed with 5 V on a 3.3 V pin' => self::one(
            'drive.level-into-pin',
            'F6',
            Severity::Broken,
            '×0.72',
            $both($receiver, $fed('infrared-receiver', 'R1', 'F6')),
            $both($receiver, $fed('infrared-receiver', null, 'F6')),
        );
        $link = $both(new AddGroup(GroupKind::Uart, 'Radio'), new SeatFunction('F1', 'D8'), new SeatFunction('F2', 'D9'));
        $avrLink = TestBoards::bare('atmega328p-carrier-30', 'atmega328p');
        yield '5 V into the input of a radio for 3.6 V' => self::one(
            'drive.level-into-pin',
            'D1',
            Severity::Broken,
            '×0.72',
            $both($link, $fed('serial-radio', 'R1', 'F2')),
            $both($link, $fed('serial-radio', 'R1', 'F2'), new ShiftLevel('D1')),
            $avrLink,
        );
        yield '2.8 V sensor on a 5 V pin' => self::one(
            'drive.level-into-pin',
            'F1',
            Severity::Broken,
            '×0.933',
            new StateHighLevel(['F1'], 2.8),
            new StateHighLevel(['F1'], 3.3),
            $avr,
        );
    }

    /**
     * @return iterable<string, array{rule: string, subject: string, kind: Severity, figure: string, fault: Board, twin: Board}>
     */
    private static function power(): iterable
    {
        $both = static fn(Edit ...$edits): Edit => new Sequence('both', array_values($edits));
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $converter = static fn(string $id): Converter => TestBoards::part($id, Converter::class);
        $protect = static fn(string $rail, string $id): Edit => new ProtectRail($rail, TestBoards::part($id, Protection::class));
        $device = static fn(string $id, ?string $rail = null, ?string $pin = null): Edit => new AttachDevice(
            TestBoards::part($id, Device::class),
            'Display',
            $rail,
            $pin,
        );

        $radio = TestBoards::bare('rp2040-carrier-40-radio', 'rp2040-radio');
        for ($line = 1; $line <= 7; ++$line) {
            $radio = TestBoards::edited(
                $radio,
                new AddLine('Lamp ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                new SeatFunction('F' . $line, 'GPIO' . (1 + $line)),
            );
        }
        $radio = TestBoards::edited($radio, new AddCarrierRail('3.3 V'));
        $coils = static fn(int $count): Edit => new FeedCoils(array_map(static fn(int $one): string => 'A' . $one, range(1, $count)), 'R2');
        $cube = TestBoards::part('cube-5v', Relay::class);
        $claims = new ChooseRelay(['A1'], Copy::of($cube, ['contactAcAmps' => 9.0]));
        yield 'cube relay that says otherwise than the catalogue' => self::one(
            'lines.part-facts',
            'cube-5v',
            Severity::Weak,
            '',
            $claims,
            new ChooseRelay(['A1'], $cube),
        );
        yield 'seven coils at the pin of a radio carrier' => self::one(
            'power.carrier-overloaded',
            'R2',
            Severity::Broken,
            '×0.822',
            $coils(7),
            $coils(4),
            $radio,
        );
        yield 'eight coils through the socket' => self::one(
            'power.carrier-overloaded',
            'R1',
            Severity::Broken,
            '×0.563',
            new ChooseSupply('R1', $supply('charger-5v-2a'), true),
            new ChooseSupply('R1', $supply('charger-5v-2a')),
            TestBoards::withLines(8),
        );
        yield 'three coils through the socket' => self::one(
            'power.carrier-overloaded',
            'R1',
            Severity::Weak,
            '×0.715',
            new ChooseSupply('R1', $supply('charger-5v-2a'), true),
            new ChooseSupply('R1', $supply('charger-5v-2a')),
            TestBoards::withLines(3),
        );

        $twelve = TestBoards::edited(TestBoards::sound(), new AddRail('12 V', $supply('module-12v-10w')));
        yield '7805 on 5 V' => self::one(
            'power.regulator-input',
            'R3',
            Severity::Broken,
            '×0.746',
            new AddConvertedRail('Logic', $converter('reg-7805'), 'R1'),
            new AddConvertedRail('Logic', $converter('reg-7805'), 'R2'),
            $twelve,
        );
        yield 'regulator for 6 V on 12 V' => self::one(
            'power.regulator-input',
            'R3',
            Severity::Broken,
            '12.2 V',
            new AddConvertedRail('Logic', $converter('ldo-600ma-3v3'), 'R2'),
            new AddConvertedRail('Logic', $converter('ldo-600ma-3v3'), 'R1'),
            $twelve,
        );
        $charger = TestBoards::edited(TestBoards::sound(), new AddRail('USB', $supply('charger-5v-1a')));
        yield 'regulator behind a diode' => self::one(
            'power.regulator-input',
            'R3',
            Severity::Weak,
            '×0.988',
            $both($protect('R2', 'schottky-3a'), new AddConvertedRail('Logic', $converter('ldo-1117-3v3'), 'R2')),
            new AddConvertedRail('Logic', $converter('ldo-1117-3v3'), 'R2'),
            $charger,
        );

        yield 'coils behind a 7805 on 12 V' => self::one(
            'power.regulator-too-hot',
            'R1',
            Severity::Broken,
            '×0.661',
            new ConvertRail('R1', $converter('reg-7805'), 'R2'),
            new ConvertRail('R1', $converter('buck-5v-2a'), 'R2'),
            $twelve,
        );
        yield 'one coil behind a 7805 on 12 V' => self::one(
            'power.regulator-too-hot',
            'R1',
            Severity::Weak,
            '×0.887',
            $both(new RemoveLine('L2'), new StateAmbient(25.0), new ConvertRail('R1', $converter('reg-7805'), 'R2')),
            $both(
                new RemoveLine('L2'),
                new StateAmbient(25.0),
                new ConvertRail('R1', $converter('reg-7805'), 'R2'),
                new FitHeatSink('R1', 24.0),
            ),
            $twelve,
        );
        $avr = TestBoards::edited(
            TestBoards::bare('atmega328p-carrier-30', 'atmega328p'),
            new ChooseSupply('R1', $supply('adapter-9v-1a')),
            new ChooseEntry('VIN'),
        );
        yield 'display on a carrier that is fed 12 V' => self::one(
            'power.regulator-too-hot',
            'board',
            Severity::Weak,
            '×0.93',
            $device('character-display'),
            $device('small-display'),
            $avr,
        );

        yield 'low-drop regulator without capacitors' => self::one(
            'power.capacitor-missing',
            'R2',
            Severity::Broken,
            '',
            $both(new AddConvertedRail('Logic', $converter('ldo-1117-3v3'), 'R1'), new StateCapacitors('R2', false)),
            $both(new AddConvertedRail('Logic', $converter('ldo-1117-3v3'), 'R1'), new StateCapacitors('R2', true)),
        );
        yield '7805 without capacitors' => self::one(
            'power.capacitor-missing',
            'R3',
            Severity::Weak,
            '',
            $both(new AddConvertedRail('Logic', $converter('reg-7805'), 'R2'), new StateCapacitors('R3', false)),
            $both(new AddConvertedRail('Logic', $converter('reg-7805'), 'R2'), new StateCapacitors('R3', true)),
            $twelve,
        );

        yield 'capacitance that a module cannot start into' => self::one(
            'power.capacitance-too-large',
            'R1',
            Severity::Weak,
            '10 mF',
            new StateReservoir('R1', 10e-3),
            new StateReservoir('R1', 2.2e-3),
        );

        yield 'long thin cable' => self::one(
            'power.rail-dips',
            'R1',
            Severity::Broken,
            '×0.927',
            new RunCable('R1', 25.0, 0.25e-6),
            new RunCable('R1', 2.0, 0.75e-6),
        );
        yield 'thin cable' => self::one(
            'power.rail-dips',
            'R1',
            Severity::Weak,
            '×0.867',
            new RunCable('R1', 12.0, 0.25e-6),
            new RunCable('R1', 2.0, 0.75e-6),
        );

        $ownRail = new AddRail('Coils', $supply('module-5v-5w'));
        yield 'coils on a source whose ground hangs by itself' => self::one(
            'power.ground-not-joined',
            'R2',
            Severity::Broken,
            '',
            $both($ownRail, new FeedCoils(['A1'], 'R2'), new StateGround('R2', false)),
            $both($ownRail, new FeedCoils(['A1'], 'R2'), new StateGround('R2', true)),
        );
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $isolating = new ChooseDriver(['A1'], new OptoModuleInput('opto-module-low', Level::Low, true, true), [$module]);
        yield 'isolation with joined grounds' => self::one(
            'drive.isolation-claimed',
            'A1',
            Severity::Weak,
            '',
            $both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating, new StateGround('R2', true)),
            $both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating, new StateGround('R2', false)),
        );

        $direct = TestBoards::bare('esp32-c3-carrier-16', 'esp32-c3');
        yield 'USB beside a module, nothing said' => self::one(
            'power.usb-back-feed',
            'board',
            Severity::Hint,
            '',
            new StateAmbient(40.0),
            new StateUsbTogether(false),
            $direct,
        );
        yield 'USB beside a module' => self::one(
            'power.usb-back-feed',
            'board',
            Severity::Weak,
            '',
            new StateUsbTogether(true),
            new ChooseSupply('R1', $supply('charger-5v-2a'), true),
            $direct,
        );

        $coils = static fn(bool $throughUsb): Edit => $both(
            new AddRail('Coils', $supply('charger-5v-2a')),
            new ChooseSupply('R2', $supply('charger-5v-2a'), $throughUsb),
            new StateGround('R2', true),
            new FeedCoils(['A1'], 'R2'),
        );
        $quiet = TestBoards::edited(TestBoards::sound(), new StateRadio(false));
        yield 'coils through the socket of a carrier that a module feeds' => self::one(
            'power.usb-back-feed',
            'R2',
            Severity::Weak,
            '',
            $coils(true),
            $coils(false),
            $quiet,
        );

        $adapter = TestBoards::edited(TestBoards::sound(), new AddRail('12 V', $supply('adapter-12v-1a')));
        yield 'socket wired the other way' => self::one(
            'power.socket-polarity',
            'R2',
            Severity::Broken,
            '',
            new StateSocket('R2', JackPolarity::CentreNegative),
            new StateSocket('R2', JackPolarity::CentrePositive),
            $adapter,
        );

        yield 'six coils behind a resettable fuse' => self::one(
            'power.protection-rating',
            'R1',
            Severity::Broken,
            '703 mA',
            $protect('R1', 'ptc-500ma'),
            $protect('R1', 'ptc-1a1'),
            TestBoards::withLines(6),
        );
        yield 'resettable fuse in a warm box' => self::one(
            'power.protection-rating',
            'R1',
            Severity::Weak,
            '412 mA',
            $both(new StateAmbient(70.0), $protect('R1', 'ptc-500ma')),
            $both(new StateAmbient(40.0), $protect('R1', 'ptc-500ma')),
            TestBoards::withLines(3),
        );
        yield 'surge clamp at the rail’s own voltage' => self::one(
            'power.protection-rating',
            'R1',
            Severity::Broken,
            '5.1 V',
            $protect('R1', 'tvs-5v'),
            $protect('R1', 'tvs-6v'),
        );

        yield 'coil on a block battery' => self::one(
            'power.battery-soon-empty',
            'R2',
            Severity::Broken,
            '3.5 h',
            $both(new AddRail('Battery', $supply('battery-9v')), new FeedCoils(['A1'], 'R2')),
            $both(new AddRail('Adapter', $supply('adapter-9v-1a')), new FeedCoils(['A1'], 'R2')),
        );
        $valve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('Battery', $supply('battery-12v-7ah')),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L3', 'R2'),
            new SeatFunction('F6', '21'),
        );
        yield 'valve on a battery' => self::one(
            'power.battery-soon-empty',
            'R2',
            Severity::Hint,
            '112 h',
            new StateHours(['L3'], 3.0),
            new StateHours(['L3'], 1.0),
            $valve,
        );

        $small = TestBoards::edited(TestBoards::bare('atmega328p-carrier-30', 'atmega328p'), new ChooseSupply('R1', $supply('power-bank')));
        yield 'small controller on a power bank' => self::one(
            'power.switches-itself-off',
            'R1',
            Severity::Weak,
            '20 mA',
            new StateAmbient(40.0),
            $both($device('character-display'), $device('character-display')),
            $small,
        );

        yield '5 V display on 3.3 V' => self::one(
            'power.device-voltage',
            'D1',
            Severity::Broken,
            '3.2 V',
            $device('character-display'),
            $device('character-display', 'R1'),
        );
        yield 'display on a pin' => self::one(
            'power.device-on-pin',
            'D1',
            Severity::Broken,
            '30 mA',
            $device('small-display', null, '25'),
            $device('temperature-sensor', null, '25'),
        );
        yield 'sensor on a pin that is no output' => self::one(
            'power.device-on-pin',
            'D1',
            Severity::Broken,
            '',
            $device('temperature-sensor', null, '35'),
            $device('temperature-sensor', null, '25'),
        );

        $small = static fn(float $height): Edit => new Sequence(
            'a small box',
            [new StateBox(lengthMetres: 0.1, widthMetres: 0.08, heightMetres: $height), new StateLoad('L2', 2000.0)],
        );
        yield 'small box that holds its heat' => self::one(
            'power.warm-box',
            'box',
            Severity::Weak,
            '40.9 °C',
            $both(new StateAmbient(40.0), $small(0.06)),
            $both(new StateAmbient(40.0), $small(0.08)),
        );
        yield 'held coil behind a zener' => self::one(
            'power.hold-current',
            'A1',
            Severity::Broken,
            '×0.491',
            $both(new StateClamp(['A1'], Clamp::DiodeZener), new HoldCoils(['A1'], 0.5)),
            $both(new StateClamp(['A1'], Clamp::Diode), new HoldCoils(['A1'], 0.5)),
        );
        yield 'coil held with a third' => self::one(
            'power.hold-current',
            'A1',
            Severity::Weak,
            '×0.324',
            new HoldCoils(['A1'], 0.33),
            new HoldCoils(['A1'], 0.5),
        );
    }

    /**
     * @return iterable<string, array{rule: string, subject: string, kind: Severity, figure: string, fault: Board, twin: Board}>
     */
    private static function mains(): iterable
    {
        $both = static fn(Edit ...$edits): Edit => new Sequence('both', array_values($edits));
        $fuse = static fn(string $id): Edit => new ChooseFuse(TestBoards::part($id, MainsFuse::class));
        $nothing = new StateBox(oneCircuit: true);

        yield 'no fuse' => self::one('mains.no-fuse', 'board', Severity::Danger, '', new StateBox(fused: false), $nothing);
        yield '5 A fuse on 0.5 mm²' => self::one(
            'mains.fuse-too-large',
            'inner',
            Severity::Danger,
            '5 A',
            new StateBox(innerSquareMetres: 0.5e-6),
            new StateBox(innerSquareMetres: 0.75e-6),
        );
        yield 'glass fuse' => self::one(
            'mains.fuse-breaking',
            'board',
            Severity::Danger,
            '50 A',
            $fuse('fuse-glass-5'),
            $fuse('fuse-ceramic-5'),
        );
        yield 'fast fuse before a lamp' => self::one(
            'mains.fuse-fast',
            'board',
            Severity::Weak,
            '',
            $fuse('fuse-glass-2'),
            $fuse('fuse-ceramic-2'),
        );
        yield 'airer of 1500 W behind 5 A' => self::one(
            'mains.fuse-too-small',
            'board',
            Severity::Weak,
            '×0.749',
            new StateLoad('L2', 1500.0),
            $both(new StateLoad('L2', 1500.0), $fuse('fuse-ceramic-10')),
        );
        yield 'airer of 1500 W on a 6 A lead' => self::one(
            'mains.shared-overloaded',
            'lead',
            Severity::Danger,
            '×0.898',
            $both(new StateLoad('L2', 1500.0), $fuse('fuse-ceramic-10'), new StateBox(leadSquareMetres: 0.75e-6)),
            $both(new StateLoad('L2', 1500.0), $fuse('fuse-ceramic-10')),
        );
        $six = TestBoards::edited(
            TestBoards::withLines(6),
            ...[
                ...TestBoards::mainsFacts(),
                ...array_map(
                    static fn(int $line): Edit => new ChooseAppliance('L' . $line, TestBoards::part('heated-airer', Appliance::class)),
                    range(1, 6),
                ),
            ],
        );
        yield 'six airers behind a 6 A lead' => self::one(
            'mains.shared-overloaded',
            'lead',
            Severity::Danger,
            '×0.75',
            $both(...[
                ...array_map(static fn(int $line): Edit => new StateLoad('L' . $line, 306.67), range(1, 6)),
                new StateBox(leadSquareMetres: 0.75e-6),
            ]),
            new StateBox(leadSquareMetres: 1.0e-6),
            $six,
        );
        yield 'airer without earth' => self::one(
            'mains.no-earth',
            'L2',
            Severity::Danger,
            '',
            new StateSafety(['L2'], earthJoined: false),
            new StateSafety(['L1'], earthJoined: false),
        );
        yield 'metal case without earth' => self::one(
            'mains.no-earth',
            'board',
            Severity::Danger,
            '',
            new StateBox(enclosure: BaseMaterial::Metal, enclosureEarthed: false),
            new StateBox(enclosure: BaseMaterial::Metal, enclosureEarthed: true),
        );
        $twoPoles = new ChooseRelay(['A1', 'A2'], TestBoards::part('two-pole-5v', Relay::class));
        yield 'one pole behind a plug that fits both ways' => self::one(
            'mains.both-poles',
            'L1',
            Severity::Danger,
            '',
            new StateBox(inlet: InletKind::Reversible),
            $both(new StateBox(inlet: InletKind::Reversible), $twoPoles, new StateConductor(['L1', 'L2'], SwitchedConductor::Both)),
        );
        yield 'one pole of two hots' => self::one(
            'mains.both-poles',
            'L2',
            Severity::Danger,
            '',
            new StateBox(inlet: InletKind::TwoHots, bothFused: true),
            $both(
                new StateBox(inlet: InletKind::TwoHots, bothFused: true),
                new PairRelay(['A1', 'A2']),
                new StateConductor(['L1', 'L2'], SwitchedConductor::Both),
            ),
        );
        yield 'both conductors stated of a relay with one pole' => self::one(
            'mains.both-poles',
            'L1',
            Severity::Danger,
            '',
            new StateConductor(['L1'], SwitchedConductor::Both),
            $both($twoPoles, new StateConductor(['L1'], SwitchedConductor::Both)),
        );
        yield 'one fuse before two hots' => self::one(
            'mains.no-fuse',
            'second-fuse',
            Severity::Danger,
            '',
            new StateBox(inlet: InletKind::TwoHots, bothFused: false),
            new StateBox(inlet: InletKind::TwoHots, bothFused: true),
        );
        yield '3 mm between mains and a button' => self::one(
            'mains.barrier',
            'creepage',
            Severity::Danger,
            '×0.6',
            new StateBox(clearanceMetres: 3e-3, creepageMetres: 3e-3),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 6e-3),
        );
        $closed = TestBoards::closed();
        $asLive = new StateBox(touchable: false, socketReachable: false);
        yield '1 mm though the low-voltage side is treated as live' => self::one(
            'mains.barrier',
            'creepage',
            Severity::Danger,
            '×0.4',
            $both($asLive, new StateBox(clearanceMetres: 1e-3, creepageMetres: 1e-3)),
            $both($asLive, new StateBox(clearanceMetres: 2.5e-3, creepageMetres: 2.5e-3)),
            $closed,
        );
        yield 'heater in an aquarium at a living room’s distance' => self::one(
            'mains.barrier',
            'creepage',
            Severity::Danger,
            '×0.75',
            $both(
                new ChooseAppliance('L1', TestBoards::part('aquarium-heater', Appliance::class)),
                new StateBox(clearanceMetres: 6e-3, creepageMetres: 6e-3),
            ),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 6e-3),
        );
        yield 'button on a low-voltage side treated as live' => self::one(
            'mains.treated-as-live',
            'board',
            Severity::Danger,
            '',
            $both($asLive, new AddSurface('L1', SurfaceKind::PushButton)),
            $asLive,
            $closed,
        );
        yield 'USB socket of a low-voltage side treated as live' => self::one(
            'mains.treated-as-live',
            'board',
            Severity::Danger,
            '',
            $both($asLive, new StateBox(socketReachable: true)),
            $asLive,
            $closed,
        );
        yield 'box on a lead, laid out for the wall' => self::one(
            'mains.barrier',
            'clearance',
            Severity::Danger,
            '×0.909',
            new StateBox(clearanceMetres: 5e-3, creepageMetres: 8e-3, overvoltage: OvervoltageCategory::Fixed),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 8e-3, overvoltage: OvervoltageCategory::Fixed),
        );
        yield 'distances of the valley on a mountain' => self::one(
            'mains.barrier',
            'clearance',
            Severity::Danger,
            '×0.775',
            new StateBox(clearanceMetres: 3e-3, creepageMetres: 8e-3, altitudeMetres: 4000.0),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 8e-3, altitudeMetres: 4000.0),
        );
        yield '5.5 mm, by the standard enough' => self::one(
            'mains.barrier',
            'creepage',
            Severity::Hint,
            '5.5 mm',
            new StateBox(clearanceMetres: 5.5e-3, creepageMetres: 5.5e-3),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 6e-3),
        );
        $cube = new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class));
        yield 'plain cube beside a button' => self::one(
            'mains.relay-insulation',
            'A1',
            Severity::Danger,
            '',
            $cube,
            $both($cube, $asLive),
            $closed,
        );
        $supplyWith = static fn(Insulation $insulation): Edit => new ChooseSupply(
            'R1',
            Copy::of(
                TestBoards::part('module-5v-10w', Supply::class),
                [
                    'identity' => new PartIdentity('module-x', 1, 'Module of unknown make', Basis::CommonPractice, 'for a test'),
                    'insulation' => $insulation,
                ],
            ),
        );
        yield 'supply with basic insulation' => self::one(
            'mains.bridge-insulation',
            'R1',
            Severity::Danger,
            '',
            $supplyWith(Insulation::Basic),
            $supplyWith(Insulation::Reinforced),
        );
        yield 'capacitor of class Y2 beside a button' => self::one(
            'mains.bridge-insulation',
            'board',
            Severity::Danger,
            '',
            new StateBox(bridgingCapacitor: BridgingCapacitor::Y2),
            new StateBox(bridgingCapacitor: BridgingCapacitor::Y1),
        );
        yield 'capacitor of class Y2 behind a cover' => self::one(
            'mains.bridge-insulation',
            'board',
            Severity::Danger,
            '',
            $both($asLive, new StateBox(bridgingCapacitor: BridgingCapacitor::Other)),
            $both($asLive, new StateBox(bridgingCapacitor: BridgingCapacitor::Y2)),
            $closed,
        );
        $zeroCross = TestBoards::edited(
            TestBoards::sound(),
            new AddFunction(FunctionKind::ZeroCross, 'Zero cross'),
            new SeatFunction('F6', '25'),
        );
        yield 'coupler that listens to the mains' => self::one(
            'mains.bridge-insulation',
            'F6',
            Severity::Danger,
            '',
            new StateBarrier('F6', Insulation::Basic),
            new StateBarrier('F6', Insulation::Reinforced),
            $zeroCross,
        );
        $pump = new ChooseAppliance('L1', TestBoards::part('return-pump', Appliance::class));
        yield 'pump in water beside an open box' => self::one(
            'mains.not-sealed',
            'board',
            Severity::Danger,
            '',
            $both($pump, new StateBox(seal: Seal::None)),
            $both($pump, new StateBox(seal: Seal::Splash)),
        );
        yield 'open box in a damp place' => self::one(
            'mains.not-sealed',
            'board',
            Severity::Weak,
            '',
            new StateBox(pollution: PollutionDegree::Damp, seal: Seal::None),
            new StateBox(pollution: PollutionDegree::Clean, seal: Seal::None),
        );
        $valve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L3', 'R2'),
            new SeatFunction('F6', '21'),
        );
        yield 'valve among mains contacts' => self::one(
            'mains.beside-low-voltage',
            'L3',
            Severity::Danger,
            '',
            new StateBox(lowContactsApart: false),
            $nothing,
            $valve,
        );
        yield 'wall switch with mains left in it' => self::one(
            'mains.switch-not-freed',
            'board',
            Severity::Danger,
            '',
            new StateBox(switchesFreed: false),
            $both(new StateBox(switchesFreed: false), new RemoveSurface('S1')),
        );
        $knob = $both(
            new RemoveSurface('S1'),
            new ChooseAppliance('L1', TestBoards::part('extractor-fan', Appliance::class)),
            new AddRelay('L1'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F6']),
            new AddSelector('Fan knob', 3),
            new AddSurface('L1', SurfaceKind::Knob, 'F7'),
        );
        yield 'fan selector with mains left in it' => self::one(
            'mains.switch-not-freed',
            'board',
            Severity::Danger,
            '',
            $both($knob, new StateBox(switchesFreed: false)),
            $both(new RemoveSurface('S1'), new StateBox(switchesFreed: false)),
        );
        yield 'two circuits' => self::one('mains.two-circuits', 'board', Severity::Danger, '', new StateBox(oneCircuit: false), $nothing);
        yield 'airer without a cut-out' => self::one(
            'mains.no-cut-out',
            'L2',
            Severity::Danger,
            '',
            new StateSafety(['L2'], cutOut: false),
            new StateSafety(['L1'], cutOut: false),
        );
        yield 'airer that comes back' => self::one(
            'mains.restored-on',
            'L2',
            Severity::Danger,
            '',
            new StateSafety(['L2'], restore: RestorePolicy::Last),
            new StateSafety(['L1'], restore: RestorePolicy::Last),
        );
        yield 'double outlet whose link stays' => self::one(
            'mains.outlet-link',
            'L1',
            Severity::Danger,
            '',
            new StateSafety(['L1'], outlet: OutletKind::SplitHalf, earthJoined: true, linkRemoved: false),
            new StateSafety(['L1'], outlet: OutletKind::SplitHalf, earthJoined: true, linkRemoved: true),
        );
        $two = static fn(int $atOnce): Edit => $both(...[
            ...array_map(static fn(int $line): Edit => new StateLoad('L' . $line, 690.0), range(1, 6)),
            $fuse('fuse-ceramic-10'),
            new StateBox(leadSquareMetres: 1.0e-6, innerSquareMetres: 2.5e-6, atOnce: $atOnce),
        ]);
        yield '5 A fuse on a wire of 0.5 mm² to one line' => self::one(
            'mains.fuse-too-large',
            'branch',
            Severity::Danger,
            '5 A',
            new StateBox(branchSquareMetres: 0.5e-6),
            new StateBox(branchSquareMetres: 0.75e-6),
        );
        yield 'airer of 900 W on a wire of 0.5 mm²' => self::one(
            'mains.shared-overloaded',
            'branch',
            Severity::Danger,
            '×0.664',
            $both(new StateLoad('L2', 900.0), new StateBox(branchSquareMetres: 0.5e-6)),
            $both(new StateLoad('L2', 900.0), new StateBox(branchSquareMetres: 0.75e-6)),
        );
        yield 'six airers fed through one track' => self::one(
            'mains.shared-overloaded',
            'track',
            Severity::Danger,
            '×0.705',
            $both(
                $two(6),
                new StateTrack(10e-3, carriesAll: true),
                new StateBox(inletAmps: 20.0, leadSquareMetres: 2.5e-6, terminalAmps: 20.0),
            ),
            $both(
                $two(6),
                new StateTrack(10e-3, carriesAll: false),
                new StateBox(inletAmps: 20.0, leadSquareMetres: 2.5e-6, terminalAmps: 20.0),
            ),
            $six,
        );
        $outlet = static fn(float $amps): Edit => $both(
            new StateLoad('L2', 2900.0),
            new StateSafety(['L2'], outlet: OutletKind::Earthed, outletAmps: $amps),
        );
        yield 'outlet for 10 A before 12.6 A' => self::one(
            'mains.outlet-overloaded',
            'L2',
            Severity::Danger,
            '×0.793',
            $outlet(10.0),
            $outlet(13.0),
        );
        yield 'six airers that only the program keeps under 10 A' => self::one(
            'mains.shared-overloaded',
            'lead',
            Severity::Weak,
            '×0.556',
            $two(3),
            $both($two(3), new StateBox(inletAmps: 20.0, leadSquareMetres: 2.5e-6, terminalAmps: 20.0)),
            $six,
        );
        yield 'six airers of which the program runs too many' => self::one(
            'mains.shared-overloaded',
            'lead',
            Severity::Danger,
            '×0.556',
            $two(4),
            $both($two(3), new StateBox(inletAmps: 20.0, leadSquareMetres: 2.5e-6, terminalAmps: 20.0)),
            $six,
        );
        yield 'wires in air of 60 °C' => self::one(
            'mains.shared-overloaded',
            'inner',
            Severity::Danger,
            '×0.749',
            $both(new StateLoad('L2', 1500.0), $fuse('fuse-ceramic-10'), new StateAmbient(60.0), new StateBox(innerSquareMetres: 1.0e-6)),
            $both(new StateLoad('L2', 1500.0), $fuse('fuse-ceramic-10'), new StateAmbient(30.0), new StateBox(innerSquareMetres: 1.0e-6)),
        );
        $group = new AddGroup(GroupKind::NeverTogether, 'Heat and cold', ['F1', 'F2']);
        yield 'two relays kept apart by the program' => self::one(
            'mains.not-interlocked',
            'G1',
            Severity::Danger,
            '',
            $both($group, new InterlockGroup('G1', false)),
            $both($group, new InterlockGroup('G1', true)),
        );
        yield 'two steps of a fan closable at once' => self::one(
            'mains.not-interlocked',
            'G1',
            Severity::Danger,
            '',
            $both(new AddGroup(GroupKind::StepRelays, 'Steps', ['F1', 'F2']), new InterlockGroup('G1', false)),
            $both(new AddGroup(GroupKind::StepRelays, 'Steps', ['F1', 'F2']), new InterlockGroup('G1', true)),
        );
        yield 'no pause between two relays' => self::one(
            'mains.pause-too-short',
            'G1',
            Severity::Weak,
            '10 ms',
            $both($group, new InterlockGroup('G1', true, 0.01)),
            $both($group, new InterlockGroup('G1', true, 0.05)),
        );
        yield 'lamp worked on while it is only switched off' => self::one(
            'mains.taken-as-isolation',
            'L1',
            Severity::Weak,
            '',
            new StateSafety(['L1'], offTakenAsIsolation: true),
            new StateSafety(['L1'], offTakenAsIsolation: false),
        );
        $fan = TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('extractor-fan', Appliance::class)),
            new AddRelay('L1'),
            new SeatFunction('F6', '21'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F6']),
            new InterlockGroup('G1', true),
            new FitStepCapacitor('G1', 'F1', 1.5e-6),
        );
        $bank = static fn(CapacitorClass $class, float $bleeder, float $series): Edit => new StateStepBank('G1', $class, $bleeder, $series);
        yield 'X2 capacitor in series with a fan' => self::one(
            'mains.step-class',
            'G1',
            Severity::Danger,
            '',
            $bank(CapacitorClass::X2, 220e3, 2.2),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
        );
        yield 'capacitor in resonance with a fan' => self::one(
            'mains.step-class',
            'G1',
            Severity::Weak,
            '420 V',
            $both($bank(CapacitorClass::MotorRun, 47e3, 2.2), new FitStepCapacitor('G1', 'F1', 3.3e-6)),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
        );
        yield 'fan near resonance' => self::one(
            'mains.step-overvolts',
            'G1',
            Severity::Weak,
            '314 V',
            $both($bank(CapacitorClass::MotorRun, 47e3, 2.2), new FitStepCapacitor('G1', 'F1', 3.3e-6)),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
        );
        yield 'two capacitors closed at once, near resonance' => self::one(
            'mains.step-overvolts',
            'G1',
            Severity::Weak,
            '285 V',
            $both($bank(CapacitorClass::MotorRun, 220e3, 2.2), new FitStepCapacitor('G1', 'F6', 1.5e-6), new AddStep('G1', ['F1', 'F6'])),
            $both($bank(CapacitorClass::MotorRun, 220e3, 2.2), new FitStepCapacitor('G1', 'F6', 0.47e-6), new AddStep('G1', ['F1', 'F6'])),
            $fan,
        );
        yield 'no bleeder' => self::one(
            'mains.step-bleeder',
            'G1',
            Severity::Danger,
            '0 Ω',
            $bank(CapacitorClass::MotorRun, 0.0, 2.2),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
        );
        yield 'bleeder of a megohm' => self::one(
            'mains.step-bleeder',
            'G1',
            Severity::Danger,
            '1 MΩ',
            $bank(CapacitorClass::MotorRun, 1e6, 2.2),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
        );
        $bearing = $both(
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            new ChooseRelay(
                ['A1', 'A3'],
                Copy::of(
                    TestBoards::part('reinforced-5v', Relay::class),
                    [
                        'identity' => new PartIdentity('relay-peak', 1, 'Relay with a peak rating', Basis::CommonPractice, 'for a test'),
                        'contactPeakAmps' => 120.0,
                    ],
                ),
            ),
        );
        yield 'contact that closes on a charged capacitor' => self::one(
            'mains.step-series',
            'G1',
            Severity::Weak,
            '390 A',
            $bearing,
            $both($bearing, new StateStepBank('G1', seriesOhms: 8.2)),
            $fan,
        );
        yield 'no series resistor' => self::one(
            'mains.step-series',
            'G1',
            Severity::Weak,
            '',
            $bank(CapacitorClass::MotorRun, 220e3, 0.0),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
        );
        $cooler = new ChooseAppliance('L1', TestBoards::part('cooler', Appliance::class));
        yield 'cooler without a rest' => self::one(
            'mains.compressor-rest',
            'L1',
            Severity::Weak,
            '60 s',
            $both($cooler, new StateSafety(['L1'], restSeconds: 60.0)),
            $both($cooler, new StateSafety(['L1'], restSeconds: 240.0)),
        );
        $valveDiode = static fn(bool $fitted): Edit => new StateSafety(['L3'], loadDiode: $fitted);
        yield 'valve behind a contact without its diode' => self::one(
            'mains.no-load-diode',
            'L3',
            Severity::Broken,
            '',
            $valveDiode(false),
            $valveDiode(true),
            $valve,
        );
        yield 'varistor across the contact of a lamp' => self::one(
            'mains.varistor-across',
            'L1',
            Severity::Weak,
            '',
            new StateSafety(['L1'], snubber: Snubber::Varistor),
            new StateSafety(['L1'], snubber: Snubber::VaristorAcrossLoad),
        );
        yield 'varistor across the contact of an airer' => self::one(
            'mains.varistor-across',
            'L2',
            Severity::Danger,
            '',
            new StateSafety(['L2'], snubber: Snubber::Varistor),
            new StateSafety(['L2'], snubber: Snubber::VaristorAcrossLoad),
        );
        $heater = static fn(RestorePolicy $restore): Edit => $both(
            new ChooseAppliance('L1', TestBoards::part('aquarium-heater', Appliance::class)),
            new StateSafety(['L1'], restore: $restore),
        );
        yield 'aquarium heater that stays off' => self::one(
            'mains.left-off',
            'L1',
            Severity::Weak,
            '',
            $heater(RestorePolicy::Off),
            $heater(RestorePolicy::Last),
        );
        yield 'airer that must come back' => self::one(
            'mains.left-off',
            'L2',
            Severity::Broken,
            '',
            new StateSafety(['L2'], mustComeBack: true),
            new StateSafety(['L2'], mustComeBack: false),
        );
        $frost = static fn(OutletKind $outlet, bool $unattended, bool $cutOut): Edit => $both(
            new ChooseAppliance('L1', TestBoards::part('frost-heater', Appliance::class)),
            new StateSafety(
                ['L1'],
                outlet: $outlet,
                restore: RestorePolicy::Last,
                earthJoined: true,
                unattended: $unattended,
                cutOut: $cutOut,
            ),
        );
        yield 'frost heater on a lead that comes back' => self::one(
            'mains.comes-back-heating',
            'L1',
            Severity::Danger,
            '',
            $frost(OutletKind::Lead, true, true),
            $frost(OutletKind::Fixed, true, true),
        );
        $described = static fn(bool $warms): Edit => $both(
            new DescribeAppliance('L1', 'Workbench warmer', LoadKind::Resistive, 400.0, heats: true, warmsAir: $warms),
            new StateSafety(
                ['L1'],
                outlet: OutletKind::Lead,
                restore: RestorePolicy::Last,
                earthJoined: true,
                unattended: false,
                cutOut: true,
            ),
        );
        yield 'described heater on a lead that comes back' => self::one(
            'mains.comes-back-heating',
            'L1',
            Severity::Danger,
            '',
            $described(true),
            $described(false),
        );
        yield 'frost heater that nobody made for being alone' => self::one(
            'mains.comes-back-heating',
            'L1',
            Severity::Danger,
            '',
            $frost(OutletKind::Fixed, false, true),
            $frost(OutletKind::Fixed, true, true),
        );
        yield 'box of wood' => self::one(
            'mains.unfit-base',
            'board',
            Severity::Danger,
            '',
            new StateBox(enclosure: BaseMaterial::Wood),
            $nothing,
        );
        yield 'box of some plastic' => self::one(
            'mains.unfit-base',
            'board',
            Severity::Weak,
            '',
            new StateBox(enclosure: BaseMaterial::OtherPlastic),
            $nothing,
        );
        yield 'snubber across a lamp' => self::one(
            'mains.snubber-glow',
            'L1',
            Severity::Weak,
            '7.23 mA',
            new StateSafety(['L1'], snubber: Snubber::Rc),
            new StateSafety(['L1'], snubber: Snubber::Varistor),
        );
        $fan = new ChooseAppliance('L1', TestBoards::part('vent-fan', Appliance::class));
        yield 'snubber across a fan of 3 W' => self::one(
            'mains.snubber-glow',
            'L1',
            Severity::Weak,
            '7.23 mA',
            $both($fan, new StateLoad('L1', 3.0), new StateSafety(['L1'], snubber: Snubber::Rc)),
            $both($fan, new StateLoad('L1', 3.0), new StateSafety(['L1'], snubber: Snubber::RcAcrossLoad)),
        );
        yield 'nothing across a motor' => self::one(
            'mains.snubber-glow',
            'L1',
            Severity::Hint,
            '',
            $both($fan, new StateSafety(['L1'], snubber: Snubber::None)),
            $both($fan, new StateSafety(['L1'], snubber: Snubber::Rc)),
        );

        yield from self::controls();
    }

    /**
     * @return iterable<string, array{rule: string, subject: string, kind: Severity, figure: string, fault: Board, twin: Board}>
     */
    private static function controls(): iterable
    {
        $both = static fn(Edit ...$edits): Edit => new Sequence('both', array_values($edits));
        $nothing = new RenameLine('L1', 'Lamp');
        $channel = static fn(string $profile, string ...$lines): Edit => $both(
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Far'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new PutOnChannel('C1', [] === $lines ? ['L1', 'L2'] : array_values($lines)),
        );
        $remote = TestBoards::edited(
            TestBoards::sound(),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddSurface('L2', SurfaceKind::InfraredKey),
        );
        $broker = TestBoards::edited(TestBoards::sound(), $channel('message-broker'));
        $radio = TestBoards::edited(TestBoards::sound(), $channel('serial-radio-text'));
        $voice = TestBoards::edited(TestBoards::sound(), $channel('spoken-assistant'));
        $service = TestBoards::edited(TestBoards::sound(), $channel('numbered-service'));
        $key = static fn(string $surface, string $code): Edit => new AssignCode($surface, $code);
        $raw = static fn(string $surface, string $code): Edit => new AssignCode($surface, $code, InfraredEncoding::Raw, 12);

        yield 'one key printed in two orders of bits' => self::one(
            'controls.code-shared',
            'S4',
            Severity::Broken,
            '',
            $both($key('S3', '0BF430CF'), $key('S4', 'F30C2FD0')),
            $both($key('S3', '0BF430CF'), $key('S4', '0BF418E7')),
            $remote,
        );
        yield 'one key with both its toggle bits' => self::one(
            'controls.code-shared',
            'S4',
            Severity::Broken,
            '',
            $both(new AssignCode('S3', '100C', InfraredEncoding::BiPhase, 13), new AssignCode('S4', '180C', InfraredEncoding::BiPhase, 13)),
            $both(new AssignCode('S3', '100C', InfraredEncoding::BiPhase, 13), new AssignCode('S4', '180D', InfraredEncoding::BiPhase, 13)),
            $remote,
        );
        yield 'code with a slip in its last byte' => self::one(
            'controls.code-fault',
            'S3',
            Severity::Broken,
            '',
            $key('S3', '0BF430CE'),
            $key('S3', '0BF430CF'),
            $remote,
        );
        yield 'repeat frame taken for a key' => self::one(
            'controls.code-fault',
            'S4',
            Severity::Broken,
            '',
            $key('S4', 'FFFFFFFF'),
            $key('S4', '0BF418E7'),
            $remote,
        );
        yield 'two raw codes that differ in one digit' => self::one(
            'controls.code-fault',
            'S4',
            Severity::Weak,
            '',
            $both($raw('S3', 'A90'), $raw('S4', 'A91')),
            $both($raw('S3', 'A90'), $raw('S4', 'B52')),
            $remote,
        );
        yield 'two lines on one topic' => self::one(
            'controls.address-shared',
            'S4',
            Severity::Broken,
            '',
            $both(new TellSurface('S3', address: 'home/lamp'), new TellSurface('S4', address: 'home/lamp')),
            new TellSurface('S3', address: 'home/lamp'),
            $broker,
        );
        yield 'line that is called as a group is' => self::one(
            'controls.address-shared',
            'K1',
            Severity::Broken,
            '',
            $both(new AddLineGroup(LineGroupKind::Room, 'Hall', ['L1', 'L2'], ['C1'], false), new TellSurface('S3', address: 'G1')),
            $both(new AddLineGroup(LineGroupKind::Room, 'Hall', ['L1', 'L2'], ['C1'], false), new TellSurface('S3', address: 'G2')),
            $radio,
        );
        yield 'wildcard in a topic' => self::one(
            'controls.illegal-name',
            'S3',
            Severity::Broken,
            '',
            new TellSurface('S3', address: 'home/+/lamp'),
            new TellSurface('S3', address: 'home/1/lamp'),
            $broker,
        );
        yield 'word that the assistant keeps for itself' => self::one(
            'controls.illegal-name',
            'S4',
            Severity::Broken,
            '',
            new TellSurface('S4', address: 'Everything'),
            new TellSurface('S4', address: 'Every airer'),
            $voice,
        );
        yield 'blank in a text command' => self::one(
            'controls.illegal-name',
            'S3',
            Severity::Broken,
            '',
            new TellSurface('S3', address: 'L 1'),
            new TellSurface('S3', address: 'LA'),
            $radio,
        );
        yield 'word in place of a number' => self::one(
            'controls.illegal-name',
            'S3',
            Severity::Broken,
            '',
            new TellSurface('S3', address: 'V5'),
            new TellSurface('S3', address: '5'),
            $service,
        );
        yield 'query in a path' => self::one(
            'controls.illegal-name',
            'S3',
            Severity::Broken,
            '',
            new TellSurface('S3', address: '/lamp?x'),
            new TellSurface('S3', address: '/lamp-x'),
            TestBoards::edited(TestBoards::sound(), $channel('web-request')),
        );
        yield 'number that is printed beside another line’s pin' => self::one(
            'controls.number-is-print',
            'S4',
            Severity::Weak,
            '',
            new TellSurface('S4', address: '23'),
            $both(new TellSurface('S3', address: '23'), new TellSurface('S4', address: '61')),
            $service,
        );
        yield 'line that nothing operates' => self::one(
            'controls.unreached',
            'L1',
            Severity::Weak,
            '',
            new RemoveSurface('S1'),
            $both(new RemoveSurface('S1'), new StateOnPurpose('L1')),
        );
        yield 'button that operates nothing' => self::one(
            'controls.unreached',
            'F6',
            Severity::Weak,
            '',
            new AddFunction(FunctionKind::Button, 'Spare'),
            $both(new AddFunction(FunctionKind::Button, 'Spare'), new StateOnPurpose('F6')),
        );
        $six = TestBoards::withLines(6);
        yield 'six lines on a service with five places' => self::one(
            'controls.over-capacity',
            'C1',
            Severity::Weak,
            '×0.833',
            $channel('numbered-service', 'L1', 'L2', 'L3', 'L4', 'L5', 'L6'),
            $channel('numbered-service', 'L1', 'L2', 'L3', 'L4', 'L5'),
            $six,
        );
        yield 'state awaited from a wall switch' => self::one(
            'controls.feedback-one-way',
            'S1',
            Severity::Weak,
            '',
            new TellSurface('S1', promisesFeedback: true),
            new TellSurface('S3', promisesFeedback: true),
            $broker,
        );
        yield 'flip over a broker' => self::one(
            'controls.toggle-lossy',
            'S3',
            Severity::Weak,
            '',
            new TellSurface('S3', Operation::Toggle),
            new TellSurface('S3', Operation::Explicit),
            $broker,
        );
        yield 'flip over a web request, which is answered' => self::one(
            'controls.toggle-lossy',
            'S3',
            Severity::Weak,
            '',
            new TellSurface('S3', Operation::Toggle),
            $both(
                new RemoveChannel('C1'),
                $both(
                    new AddChannel(TestBoards::part('web-request', SurfaceProfile::class), 'Web'),
                    new PutOnChannel('C2', ['L1']),
                    new TellSurface('S5', Operation::Toggle),
                ),
            ),
            $radio,
        );
        yield 'program that waits for the network' => self::one(
            'controls.reconnect-blocks',
            'C1',
            Severity::Weak,
            '8 s',
            new ChangeChannel('C1', blockSeconds: 8.0),
            new ChangeChannel('C1', blockSeconds: 0.05),
            $broker,
        );
        $fan = TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('extractor-fan', Appliance::class)),
            new AddRelay('L1'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F6']),
        );
        yield 'fan that is never off' => self::one(
            'controls.percent-to-step',
            'S1',
            Severity::Broken,
            '',
            new SetThresholds('S1', [0, 60]),
            new SetThresholds('S1', [1, 60]),
            $fan,
        );
        yield 'fan whose top lies beyond 100 %' => self::one(
            'controls.percent-to-step',
            'S1',
            Severity::Broken,
            '',
            new SetThresholds('S1', [40, 120]),
            new SetThresholds('S1', [40, 99]),
            $fan,
        );
        yield 'fan with a step that no percentage leads to' => self::one(
            'controls.percent-to-step',
            'S1',
            Severity::Broken,
            '',
            new SetThresholds('S1', [40]),
            new SetThresholds('S1'),
            $fan,
        );
        yield 'fan whose steps fall' => self::one(
            'controls.percent-to-step',
            'S1',
            Severity::Broken,
            '',
            new SetThresholds('S1', [60, 40]),
            new SetThresholds('S1', [40, 60]),
            $fan,
        );
        yield 'fan that reaches its top at exactly 100 %' => self::one(
            'controls.percent-to-step',
            'S1',
            Severity::Weak,
            '',
            new SetThresholds('S1', [50, 100]),
            new SetThresholds('S1', [34, 67]),
            $fan,
        );
        $byPosition = new TellSurface('S1', Operation::Explicit);
        yield 'wall switch by its position beside a broker' => self::one(
            'controls.switch-by-position',
            'S1',
            Severity::Hint,
            '',
            $byPosition,
            $both($byPosition, new RemoveChannel('C1')),
            $broker,
        );
        $night = new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C1'], true);
        yield 'two lines of a group in one moment' => self::one(
            'controls.not-staggered',
            'board',
            Severity::Hint,
            '50 ms',
            $both($night, new StateStagger(0.05)),
            $both($night, new StateStagger(0.2)),
            $broker,
        );
        yield 'airer in a group that switches on' => self::one(
            'mains.switched-on-in-group',
            'L2',
            Severity::Danger,
            '',
            $night,
            new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C1'], false),
            $broker,
        );
        yield 'lamp that is barred from groups' => self::one(
            'mains.switched-on-in-group',
            'L1',
            Severity::Danger,
            '',
            $both($night, new StateSafety(['L1'], barredFromGroups: true)),
            $both(
                new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C1'], false),
                new StateSafety(['L1'], barredFromGroups: true),
            ),
            $broker,
        );
        yield 'airer switched on over a broker' => self::one(
            'mains.absent-hand',
            'S4',
            Severity::Danger,
            '',
            $nothing,
            new TellSurface('S4', Operation::Off),
            $broker,
        );
        yield 'airer switched on by a serial radio' => self::one(
            'mains.absent-hand',
            'S4',
            Severity::Danger,
            '',
            $nothing,
            new StateSafety(['L2'], remoteStart: true),
            $radio,
        );
        yield 'airer switched on by a spoken name' => self::one(
            'mains.absent-hand',
            'S4',
            Severity::Danger,
            '',
            $nothing,
            new TellSurface('S4', Operation::Off),
            $voice,
        );
        yield 'airer switched on by a code that something repeats' => self::one(
            'mains.absent-hand',
            'S4',
            Severity::Danger,
            '',
            new StateRepeated('F6', true),
            new StateRepeated('F6', false),
            $remote,
        );
        $timer = new AddSurface('L2', SurfaceKind::Timer);
        yield 'airer on a timer' => self::one(
            'mains.starts-by-itself',
            'S3',
            Severity::Danger,
            '',
            $timer,
            $both($timer, new TellSurface('S3', Operation::Off)),
        );
        $sensor = $both(
            new AddFunction(FunctionKind::OneWireSensor, 'Air'),
            new SeatFunction('F6', '27'),
            new FitPull('F6', PullDirection::Up, 4.7e3),
            new StateCable(['F6'], 1.0),
            new AddSurface('L1', SurfaceKind::SensorRule, 'F6'),
        );
        $warm = static fn(float $on, float $off, ?LostSensor $lost = LostSensor::Off, float $least = 0.0): Edit => $both(
            $sensor,
            new StateSensorRule('S3', Sensed::Temperature, $on, $off, leastOnSeconds: $least, whenLost: $lost),
        );
        yield 'on and off at one temperature' => self::one(
            'controls.sensor-hunts',
            'S3',
            Severity::Broken,
            '0 °C',
            $warm(20.0, 20.0),
            $warm(20.0, 21.0),
        );
        yield 'on and off closer than readings' => self::one(
            'controls.sensor-hunts',
            'S3',
            Severity::Weak,
            '0.3 °C',
            $warm(20.0, 20.3, least: 59.5),
            $warm(20.0, 20.3, least: 60.0),
        );
        yield 'cooler that hunts' => self::one(
            'controls.sensor-hunts',
            'S3',
            Severity::Weak,
            '0.4 °C',
            $warm(20.4, 20.0),
            $warm(20.5, 20.0),
        );
        yield 'lamp that goes on by a lost sensor' => self::one(
            'mains.sensor-lost',
            'S3',
            Severity::Weak,
            '',
            $warm(20.0, 21.0, LostSensor::On),
            $warm(20.0, 21.0, LostSensor::Stays),
        );
        $heats = $both(
            $sensor,
            new ChooseAppliance('L1', TestBoards::part('frost-heater', Appliance::class)),
            new StateSafety(['L1'], cutOut: true),
        );
        $heat = static fn(LostSensor $lost): Edit => $both(
            $heats,
            new StateSensorRule('S3', Sensed::Temperature, 5.0, 7.0, whenLost: $lost),
        );
        yield 'heater that stays on when its sensor is lost' => self::one(
            'mains.sensor-lost',
            'S3',
            Severity::Danger,
            '',
            $heat(LostSensor::Stays),
            $heat(LostSensor::Off),
        );
        $timed = static fn(ClockSource $clock, bool $endsOff = true): Edit => $both(
            new AddSurface('L1', SurfaceKind::Timer),
            new AddSwitchTime('S3', '18:00', true),
            new AddSwitchTime('S3', '23:00', !$endsOff),
            new StateClock(['S3'], $clock, MissedTime::ByTheTable),
        );
        yield 'timer by the network without a radio' => self::one(
            'controls.timer-clock',
            'S3',
            Severity::Broken,
            '',
            $both($timed(ClockSource::Network), new StateRadio(false)),
            $both($timed(ClockSource::Module), new StateRadio(false)),
        );
        yield 'timer by the cycles of the mains, uncounted' => self::one(
            'controls.timer-clock',
            'S3',
            Severity::Broken,
            '',
            $timed(ClockSource::MainsCycles),
            $timed(ClockSource::Network),
        );
        yield 'timer that forgets the time' => self::one(
            'controls.timer-clock',
            'S3',
            Severity::Weak,
            '',
            $timed(ClockSource::Own),
            $timed(ClockSource::Module),
        );
        yield 'timer that never ends' => self::one(
            'controls.timer-clock',
            'S3',
            Severity::Weak,
            '',
            $timed(ClockSource::Module, false),
            $timed(ClockSource::Module),
        );
        yield 'airer on a sensor' => self::one(
            'mains.starts-by-itself',
            'S3',
            Severity::Danger,
            '',
            new AddSurface('L2', SurfaceKind::SensorRule, 'F5'),
            new AddSurface('L1', SurfaceKind::SensorRule, 'F5'),
        );
        yield 'serial radio without a link' => self::one(
            'controls.no-way-in',
            'C1',
            Severity::Broken,
            '',
            $nothing,
            new AddGroup(GroupKind::Uart, 'Radio'),
            $radio,
        );
        yield 'broker with the radio off' => self::one(
            'controls.no-way-in',
            'C1',
            Severity::Broken,
            '',
            new StateRadio(false),
            new StateRadio(true),
            $broker,
        );
        $nano = TestBoards::bare('atmega328p-carrier-30', 'atmega328p');
        $far = static fn(string $profile): Edit => $both(
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            new AddSurface('L1', SurfaceKind::PushButton),
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Far'),
            new PutOnChannel('C1', ['L1']),
        );
        yield 'broker on a controller without a radio' => self::one(
            'controls.no-way-in',
            'C1',
            Severity::Broken,
            '',
            $far('message-broker'),
            $far('local-voice-box'),
            $nano,
        );
        $named = static fn(string $one, string $other): Edit => new Sequence(
            'names',
            [new RenameLine('L1', $one), new RenameLine('L2', $other)],
        );
        yield 'lamp two and lamp 2' => self::one(
            'controls.sounds-alike',
            'S4',
            Severity::Weak,
            '',
            $named('Lamp two', 'Lamp 2'),
            $named('Lamp two', 'Lamp 3'),
            $voice,
        );
        yield 'fan and van' => self::one(
            'controls.sounds-alike',
            'S4',
            Severity::Weak,
            '',
            $named('Fan heater', 'Van heater'),
            $named('Fan heater', 'Desk heater'),
            $voice,
        );
        yield 'one name within another' => self::one(
            'controls.sounds-alike',
            'S4',
            Severity::Hint,
            '',
            $named('Airer', 'Tall airer'),
            $named('Lamp', 'Tall airer'),
            $voice,
        );
    }

    /**
     * @return array{rule: string, subject: string, kind: Severity, figure: string, fault: Board, twin: Board}
     */
    private static function one(
        string $rule,
        string $subject,
        Severity $kind,
        string $figure,
        Edit $fault,
        Edit $twin,
        ?Board $start = null,
    ): array {
        $start ??= TestBoards::sound();

        return [
            'rule' => $rule,
            'subject' => $subject,
            'kind' => $kind,
            'figure' => $figure,
            'fault' => $fault->apply($start),
            'twin' => $twin->apply($start),
        ];
    }
}

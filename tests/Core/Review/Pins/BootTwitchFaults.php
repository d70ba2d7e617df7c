<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Edit\Controller\StateOutputOrder;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\TolerateConsole;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class BootTwitchFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $sound = TestBoards::sound();
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $transistor = TestBoards::part('npn-2n2222', Transistor::class);
        $relay12 = TestBoards::part('reinforced-12v', Relay::class);
        $on12Volts = TestBoards::edited(
            $sound,
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseRelay(['A1'], $relay12),
            new FeedCoils(['A1'], 'R2'),
        );
        yield 'lamp relay on a pin that is pulsed' => Planted::in(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '5.04 V',
            new SeatFunction('F1', '14'),
            new SeatFunction('F1', '13'),
            says: 'The relay of “Lamp” on GPIO14 (printed 14) pulls in while the chip’s ROM starts (50 ms).',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );

        yield 'airer relay on a pin that is pulsed' => Planted::in(
            'pins.boot-twitch',
            'A2',
            Severity::Danger,
            '5.04 V',
            new SeatFunction('F2', '14'),
            new SeatFunction('F2', '13'),
            says: 'The relay of “Airer” on GPIO14 (printed 14) pulls in while the chip’s ROM starts (50 ms), and this appliance must '
                    . 'never start by itself.',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );

        yield 'pull-up through an open base drives a 12 V coil' => Planted::in(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '11.3 V',
            Planted::both(new DriveByTransistor(['A1'], $transistor, 470.0), new SeatFunction('F1', '15')),
            Planted::both(new DriveByTransistor(['A1'], $transistor, 470.0, 10e3), new SeatFunction('F1', '15')),
            $on12Volts,
            says: 'The relay of “Lamp” on GPIO15 (printed 15) may pull in while the boot loader runs (250 ms; 310 ms in all).',
            proposes: ['Seat it on GPIO25 (printed 25)', 'Fit 10 kΩ as base–emitter resistor'],
        );

        $heldBase = Planted::both(new DriveByTransistor(['A1'], $transistor, 470.0, 15e3), new SeatFunction('F1', '15'));
        yield 'resistor that holds a base down in cool air only' => Planted::in(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '6.99 V',
            Planted::both($heldBase, new StateAmbient(60.0)),
            Planted::both($heldBase, new StateAmbient(40.0)),
            $on12Volts,
            says: 'The relay of “Lamp” on GPIO15 (printed 15) may pull in while the boot loader runs (250 ms; 310 ms in all).',
            proposes: ['Seat it on GPIO25 (printed 25)', 'Fit 10 kΩ as base–emitter resistor'],
        );

        yield 'gate of a lamp that nothing holds' => Planted::in(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '3.4 V',
            Starts::gate('A1', null),
            Starts::gate('A1', 10e3),
            says: 'The relay of “Lamp” on GPIO23 (printed 23) may pull in while the boot loader runs (250 ms; 410 ms in all): nothing '
                    . 'decides the level of its driver’s input.',
            proposes: ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ', 'Drive it by Opto relay module 5 V, active low'],
        );

        yield 'gate of an airer that nothing holds' => Planted::in(
            'pins.boot-twitch',
            'A2',
            Severity::Danger,
            '3.4 V',
            Starts::gate('A2', null),
            Starts::gate('A2', 10e3),
            says: 'The relay of “Airer” on GPIO22 (printed 22) may pull in while the boot loader runs (250 ms; 410 ms in all): nothing '
                    . 'decides the level of its driver’s input, and this appliance must never start by itself.',
            proposes: ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ', 'Drive it by Opto relay module 5 V, active low'],
        );

        yield 'gate on a pull-down of a megohm' => Planted::in(
            'pins.boot-twitch',
            'A2',
            Severity::Danger,
            '1 V',
            Starts::gate('A2', 1e6),
            Starts::gate('A2', 470e3),
            says: 'The relay of “Airer” on GPIO22 (printed 22) may pull in while the boot loader runs (250 ms; 410 ms in all): nothing '
                    . 'decides the level of its driver’s input, and this appliance must never start by itself.',
            proposes: ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ', 'Drive it by Opto relay module 5 V, active low'],
        );

        $array = new ChooseDriver(['A2'], new ArrayChannel('uln2003a'), [TestBoards::part('uln2003a', DarlingtonArray::class)]);
        yield 'array of an airer whose input nothing holds' => Planted::in(
            'pins.boot-twitch',
            'A2',
            Severity::Danger,
            '3.4 V',
            $array,
            Planted::both($array, new FitPull('F2', PullDirection::Down, 10e3)),
            says: 'The relay of “Airer” on GPIO22 (printed 22) may pull in while the boot loader runs (250 ms; 410 ms in all): nothing '
                    . 'decides the level of its driver’s input, and this appliance must never start by itself.',
            proposes: ['Fit a pull-down of 47 kΩ', 'Drive it by Opto relay module 5 V, active low'],
        );

        yield 'module on the boot log' => Planted::in(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '2.39 mA',
            Planted::both(new DriveByModule(['A1'], $module), new SeatFunction('F1', 'TX'), new TolerateConsole('F1', true)),
            Planted::both(new DriveByModule(['A1'], $module), new SeatFunction('F1', 'RX'), new TolerateConsole('F1', true)),
            says: 'The relay of “Lamp” on GPIO1 (printed TX) pulls in while the boot loader runs (250 ms; 300 ms in all).',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );

        yield 'active-low module, output made first' => Planted::in(
            'pins.boot-twitch',
            'A1',
            Severity::Weak,
            '2.39 mA',
            Planted::both(new DriveByModule(['A1'], $module), new StateOutputOrder(OutputOrder::OutputFirst)),
            Planted::both(new DriveByModule(['A1'], $module), new StateOutputOrder(OutputOrder::LevelFirst)),
            says: 'The relay of “Lamp” on GPIO23 (printed 23) may pull in as the pin becomes an output.',
            proposes: ['Write the off level before it becomes an output'],
        );

        yield 'one step of two on a pulsed pin' => Planted::in(
            'pins.boot-twitch',
            'A3',
            Severity::Danger,
            '5.04 V',
            Planted::both(new AddRelay('L1'), new AddGroup(GroupKind::StepRelays, 'Steps', ['F1', 'F6']), new SeatFunction('F6', '14')),
            Planted::both(new AddRelay('L1'), new AddGroup(GroupKind::StepRelays, 'Steps', ['F1', 'F6']), new SeatFunction('F6', '13')),
            says: 'The relay of “Lamp relay 2” on GPIO14 (printed 14) pulls in while the chip’s ROM starts (50 ms), and of these '
                    . 'steps one only may be on.',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );
    }
}

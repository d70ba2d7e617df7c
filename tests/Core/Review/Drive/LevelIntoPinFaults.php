<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\Functions\ShiftLevel;
use IronLatch\Core\Board\Edit\Functions\StateHighLevel;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class LevelIntoPinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $receiver = Planted::both(new AddFunction(FunctionKind::InfraredReceiver, 'Receiver'), new SeatFunction('F6', '35'));
        yield '5 V receiver on a 3.3 V pin' => Planted::in(
            'drive.level-into-pin',
            'F6',
            Severity::Broken,
            '×0.72',
            Planted::both($receiver, new StateHighLevel(['F6'], 5.0)),
            Planted::both($receiver, new StateHighLevel(['F6'], 3.3)),
            says: '“Receiver” drives GPIO35 (printed 35) to 5 V; it bears 3.6 V.',
            proposes: ['Feed it, or shift it, to 3.3 V'],
        );

        yield '3.5 V receiver on a 3.3 V pin' => Planted::in(
            'drive.level-into-pin',
            'F6',
            Severity::Weak,
            '×1.03',
            Planted::both($receiver, new StateHighLevel(['F6'], 3.5)),
            Planted::both($receiver, new StateHighLevel(['F6'], 3.3)),
            says: '“Receiver” drives GPIO35 (printed 35) to 3.5 V; it bears 3.6 V.',
            proposes: ['Feed it, or shift it, to 3.3 V'],
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
        yield 'receiver fed with 5 V on a 3.3 V pin' => Planted::in(
            'drive.level-into-pin',
            'F6',
            Severity::Broken,
            '×0.72',
            Planted::both($receiver, $fed('infrared-receiver', 'R1', 'F6')),
            Planted::both($receiver, $fed('infrared-receiver', null, 'F6')),
            says: '“Receiver” drives GPIO35 (printed 35) to 5 V; it bears 3.6 V.',
            proposes: ['Feed it from the controller’s pin supply', 'Feed it, or shift it, to 3.3 V'],
        );

        $link = Planted::both(new AddGroup(GroupKind::Uart, 'Radio'), new SeatFunction('F1', 'D8'), new SeatFunction('F2', 'D9'));
        $avrLink = TestBoards::bare('atmega328p-carrier-30', 'atmega328p');
        yield '5 V into the input of a radio for 3.6 V' => Planted::in(
            'drive.level-into-pin',
            'D1',
            Severity::Broken,
            '×0.72',
            Planted::both($link, $fed('serial-radio', 'R1', 'F2')),
            Planted::both($link, $fed('serial-radio', 'R1', 'F2'), new ShiftLevel('D1')),
            $avrLink,
            says: 'PB0 (printed D8) (“Radio TX”) drives “Thing” to 5 V; its input bears 3.6 V.',
            proposes: ['Shift the level: 1 kΩ from the pin, 2 kΩ to ground'],
        );

        yield '2.8 V sensor on a 5 V pin' => Planted::in(
            'drive.level-into-pin',
            'F1',
            Severity::Broken,
            '×0.933',
            new StateHighLevel(['F1'], 2.8),
            new StateHighLevel(['F1'], 3.3),
            $avr,
            says: '“Motion” drives PD4 (printed D4) to 2.8 V; a high begins at 3 V.',
            proposes: ['Feed it, or shift it, to 5 V'],
        );
    }
}

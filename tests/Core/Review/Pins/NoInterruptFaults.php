<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class NoInterruptFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $avr = TestBoards::edited(
            TestBoards::bare('atmega328p-carrier-30', 'atmega328p'),
            new AddFunction(FunctionKind::InfraredReceiver, 'Receiver'),
            new AddGroup(GroupKind::I2c, 'Bus'),
        );
        yield 'receiver without an interrupt' => Planted::in(
            'pins.no-interrupt',
            'F1',
            Severity::Broken,
            '',
            new SeatFunction('F1', 'D4'),
            new SeatFunction('F1', 'D3'),
            $avr,
            says: '“Receiver” needs an interrupt, and PD4 (printed D4) has none.',
            proposes: ['Seat it on PD3 (printed D3)'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class BusPinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'bus clock off the one pin that has it' => Planted::in(
            'pins.bus-pin',
            'F3',
            Severity::Broken,
            '',
            new SeatFunction('F3', 'A4'),
            new SeatFunction('F3', 'A5'),
            Starts::avr(),
            says: '“Bus SCL” sits on PC4 (printed A4), which has no SCL.',
            proposes: ['Seat it on PC5 (printed A5)'],
        );

        $rp = TestBoards::edited(TestBoards::bare('rp2040-carrier-40', 'rp2040'), new AddGroup(GroupKind::I2c, 'Bus'));
        yield 'bus on two units' => Planted::in(
            'pins.bus-pin',
            'G1',
            Severity::Broken,
            '',
            Planted::both(new SeatFunction('F1', 'GP4'), new SeatFunction('F2', 'GP7')),
            Planted::both(new SeatFunction('F1', 'GP4'), new SeatFunction('F2', 'GP9')),
            $rp,
            says: 'The signals of “Bus” sit on different units of the RP2040.',
            proposes: ['Seat all functions anew'],
        );
    }
}

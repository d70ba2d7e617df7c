<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class NoInterruptFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'receiver without an interrupt' => Planted::in(
            'pins.no-interrupt',
            'F1',
            Severity::Broken,
            '',
            new SeatFunction('F1', 'D4'),
            new SeatFunction('F1', 'D3'),
            Starts::avr(),
            says: '“Receiver” needs an interrupt, and PD4 (printed D4) has none.',
            proposes: ['Seat it on PD3 (printed D3)'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Pins\FreezePins;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class FrozenMovedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'moved off its frozen pin' => Planted::in(
            'pins.frozen-moved',
            'F3',
            Severity::Weak,
            '',
            Planted::both(new FreezePins(), new SeatFunction('F3', '27')),
            Planted::both(new FreezePins(), new SeatFunction('F3', '27'), new FreezePins()),
            says: 'The firmware in use has “Lamp wall switch” on GPIO33; on the board it sits on GPIO27 (printed 27).',
            proposes: ['Put it back on GPIO33 (printed 33)', 'Freeze the pin map anew'],
        );
    }
}

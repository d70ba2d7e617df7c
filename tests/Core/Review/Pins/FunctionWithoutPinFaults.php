<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Pins\UnseatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class FunctionWithoutPinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'relay output without a pin' => Planted::in(
            'pins.no-pin',
            'F1',
            Severity::Broken,
            '',
            new UnseatFunction('F1'),
            Planted::both(new UnseatFunction('F1'), new SeatFunction('F1', '21')),
            says: '“Lamp relay” (relay output) has no pin yet.',
            proposes: ['Seat it on GPIO25 (printed 25)', 'Seat all functions anew'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\DeclareSharing;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class SharedPinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'switch on a relay’s pin' => Planted::in(
            'pins.shared-pin',
            'GPIO23',
            Severity::Broken,
            '',
            new SeatFunction('F3', '23'),
            new SeatFunction('F3', '21'),
            says: '“Lamp relay” and “Lamp wall switch” both sit on GPIO23 (printed 23).',
            proposes: ['Move “Lamp wall switch”: seat it on GPIO14 (printed 14)', 'Move “Lamp relay”: seat it on GPIO25 (printed 25)'],
        );

        yield 'two relays on one pin, one of them declared' => Planted::in(
            'pins.shared-pin',
            'GPIO23',
            Severity::Broken,
            '',
            Planted::both(new SeatFunction('F3', '23'), new DeclareSharing('F3', true)),
            Planted::both(new SeatFunction('F3', '23'), new DeclareSharing('F3', true), new DeclareSharing('F1', true)),
            says: '“Lamp relay” and “Lamp wall switch” both sit on GPIO23 (printed 23).',
            proposes: ['Move “Lamp wall switch”: seat it on GPIO14 (printed 14)', 'Move “Lamp relay”: seat it on GPIO25 (printed 25)'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class BistableDrivenFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'bistable relay with one winding' => Planted::in(
            'drive.bistable',
            'A1',
            Severity::Broken,
            '',
            Starts::bistable('A1', 'bistable-5v-one'),
            Starts::bistable('A1', 'cube-5v'),
            says: 'The one winding of “Lamp” wants its current turned round to open, and its driver gives it one way only.',
            proposes: [
                'Drive it both ways by Full bridge 1.8 A, 11 V (DRV8837 class)',
                'Fit Bistable relay 5 V, two windings, 16 A',
                'Fit Relay 5 V, 0.4 W, 16 A, stated reinforced',
            ],
        );

        yield 'bistable relay that is never opened' => Planted::in(
            'drive.bistable',
            'A1',
            Severity::Broken,
            '',
            Starts::bistable('A1', 'bistable-5v-two'),
            Planted::both(Starts::bistable('A1', 'bistable-5v-two'), new AddSecondWinding('A1'), new SeatFunction('F6', '21')),
            says: '“Lamp” can be switched on but never off: nothing drives its relay the other way.',
            proposes: ['Open it from GPIO25 (printed 25)', 'Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        yield 'second winding that the relay does not have' => Planted::in(
            'drive.bistable',
            'A3',
            Severity::Broken,
            '',
            Planted::both(Starts::bistable('A1', 'bistable-5v-two'), new AddSecondWinding('A1'), Starts::bistable('A1', 'cube-5v')),
            Planted::both(Starts::bistable('A1', 'bistable-5v-two'), new AddSecondWinding('A1'), new SeatFunction('F6', '21')),
            says: 'An output of “Lamp” would open a relay that is not bistable, or not driven so.',
            proposes: ['Remove that output'],
        );
    }
}

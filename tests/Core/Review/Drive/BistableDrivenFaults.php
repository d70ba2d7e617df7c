<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class BistableDrivenFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $bistable = static fn(string $id, string $relay): Edit => new ChooseRelay([$id], TestBoards::part($relay, Relay::class));
        yield 'bistable relay with one winding' => Planted::in(
            'drive.bistable',
            'A1',
            Severity::Broken,
            '',
            $bistable('A1', 'bistable-5v-one'),
            $bistable('A1', 'cube-5v'),
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
            $bistable('A1', 'bistable-5v-two'),
            Planted::both($bistable('A1', 'bistable-5v-two'), new AddSecondWinding('A1'), new SeatFunction('F6', '21')),
            says: '“Lamp” can be switched on but never off: nothing drives its relay the other way.',
            proposes: ['Open it from GPIO25 (printed 25)', 'Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        yield 'second winding that the relay does not have' => Planted::in(
            'drive.bistable',
            'A3',
            Severity::Broken,
            '',
            Planted::both($bistable('A1', 'bistable-5v-two'), new AddSecondWinding('A1'), $bistable('A1', 'cube-5v')),
            Planted::both($bistable('A1', 'bistable-5v-two'), new AddSecondWinding('A1'), new SeatFunction('F6', '21')),
            says: 'An output of “Lamp” would open a relay that is not bistable, or not driven so.',
            proposes: ['Remove that output'],
        );
    }
}

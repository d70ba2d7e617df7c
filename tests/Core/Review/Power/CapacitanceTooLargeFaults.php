<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class CapacitanceTooLargeFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'capacitance that a module cannot start into' => Planted::in(
            'power.capacitance-too-large',
            'R1',
            Severity::Weak,
            '10 mF',
            new StateReservoir('R1', 10e-3),
            new StateReservoir('R1', 2.2e-3),
            says: '10 mF hang on the rail 5 V; Mains module 5 V, 10 W starts into 4 mF.',
            proposes: ['Fit 3.3 mF', 'Feed 5 V from Phone charger 5 V, 1 A'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class SeveralCircuitsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'two circuits in a switch box' => Planted::in(
            'mains.several-circuits',
            'H2',
            Severity::Danger,
            '',
            new StatePlace(['H2'], circuits: 2),
            new StatePlace(['H2'], circuits: 1),
            Starts::hall(),
            says: '2 circuits come into “Hall”: with one breaker off it is still live.',
            proposes: ['Have all but one circuit taken out of it'],
        );
    }
}

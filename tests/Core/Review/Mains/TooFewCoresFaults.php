<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\AddPlace;
use IronLatch\Core\Board\Edit\House\RunHouseCable;
use IronLatch\Core\Board\Edit\House\StandAt;
use IronLatch\Core\Board\Edit\House\StateHouseCable;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class TooFewCoresFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'one core for one switch' => Planted::in(
            'mains.too-few-cores',
            'H2',
            Severity::Broken,
            '',
            new StateHouseCable(['J1'], low: 1),
            new StateHouseCable(['J1'], low: 1, free: 1),
            Starts::hall(),
            says: '1 switch at “Hall” wants 2 cores to the board; 1 can be had.',
            proposes: ['Pull a cable of 2 cores for them alone'],
        );
        yield 'no cable from the switches to the board' => Planted::in(
            'mains.too-few-cores',
            'H2',
            Severity::Broken,
            '',
            Planted::both(new AddPlace('Stairs'), new StatePlace(['H2'], circuits: 1), new StandAt('H2', ['F3', 'F4'])),
            Planted::both(
                new AddPlace('Stairs'),
                new StatePlace(['H2'], circuits: 1),
                new StandAt('H2', ['F3', 'F4']),
                new RunHouseCable('H1', 'H2', 3),
            ),
            Starts::house(),
            says: '2 switches at “Stairs” want 3 cores to the board; no cable runs there.',
            proposes: ['Pull a cable of 3 cores for them alone'],
        );
    }
}

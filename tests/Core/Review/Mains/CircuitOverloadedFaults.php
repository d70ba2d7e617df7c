<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class CircuitOverloadedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'lines of 6.1 A on a breaker of 6 A' => Planted::in(
            'mains.circuit-overloaded',
            'H1',
            Severity::Broken,
            '×0.982',
            Planted::both(new StateLoad('L2', 1370.0), new StatePlace(['H1'], breakerAmps: 6.0)),
            Planted::both(new StateLoad('L2', 1340.0), new StatePlace(['H1'], breakerAmps: 6.0)),
            Starts::house(),
            says: 'The lines of the board draw 6.11 A; the breaker of 6 A before “The box” lets 6 A pass for good.',
            proposes: ['Let the program run only one of them at a time'],
        );
        yield 'other appliances on the circuit' => Planted::in(
            'mains.circuit-overloaded',
            'H1',
            Severity::Weak,
            '×0.99',
            new StatePlace(['H1'], othersAmps: 15.0),
            new StatePlace(['H1'], othersAmps: 14.0),
            Starts::house(),
            says: 'The lines of the board draw 1.16 A, and 15 A hang on the circuit besides; the breaker of 16 A before “The box” lets '
                . '16 A pass for good.',
            proposes: ['Let the program run only one of them at a time'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class BreakerTooLargeFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield '25 A before 1.5 mm²' => Planted::in(
            'mains.breaker-too-large',
            'H1',
            Severity::Danger,
            '×0.78',
            new StatePlace(['H1'], breakerAmps: 25.0, squareMetres: 1.5e-6),
            new StatePlace(['H1'], breakerAmps: 13.0, squareMetres: 1.5e-6),
            Starts::house(),
            says: 'The breaker before “The box” is rated 25 A; the wires of 1.5 mm² behind it bear 19.5 A at best.',
            proposes: ['Have a breaker of 13 A fitted'],
        );
        yield '16 A before 1.5 mm² in an insulating wall' => Planted::in(
            'mains.breaker-too-large',
            'H1',
            Severity::Hint,
            '×0.906',
            new StatePlace(['H1'], breakerAmps: 16.0, squareMetres: 1.5e-6),
            new StatePlace(['H1'], breakerAmps: 13.0, squareMetres: 1.5e-6),
            Starts::house(),
            says: 'The breaker before “The box” is rated 16 A; in an insulating wall its wires of 1.5 mm² bear 14.5 A.',
            proposes: ['Have a breaker of 13 A fitted'],
        );
        yield '20 A before 14 AWG' => Planted::in(
            'mains.breaker-too-large',
            'H1',
            Severity::Danger,
            '×0.75',
            new StatePlace(['H1'], breakerAmps: 20.0, squareMetres: 2.08e-6),
            new StatePlace(['H1'], breakerAmps: 15.0, squareMetres: 2.08e-6),
            TestBoards::edited(Starts::house(), new ChooseMains(TestBoards::part('mains-120', MainsSystem::class))),
            says: 'The breaker before “The box” is rated 20 A; the wires of 14 AWG behind it bear 15 A at best.',
            proposes: ['Have a breaker of 15 A fitted'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class OneBundleFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'one bundle for both sides' => Planted::in(
            'mains.one-bundle',
            'board',
            Severity::Danger,
            '',
            new StateWiring(bundlesApart: false),
            new StateWiring(bundlesApart: true),
            says: 'Mains wires and low-voltage wires run in one bundle.',
            proposes: ['Tie them in bundles of their own'],
        );
    }
}

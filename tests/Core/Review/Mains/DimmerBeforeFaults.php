<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class DimmerBeforeFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'board behind a dimmer' => Planted::in(
            'mains.dimmer-before',
            'H1',
            Severity::Broken,
            '',
            new StatePlace(['H1'], dimmer: true),
            new StatePlace(['H1'], dimmer: false),
            Starts::house(),
            says: 'A dimmer stands before “The box”: the supply and the controller behind it do not live long.',
            proposes: ['Have the dimmer taken out, and a plain switch or nothing in its place'],
        );
    }
}

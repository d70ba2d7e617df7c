<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class LongCableFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'three metres on the pull-up inside' => Planted::in(
            'pins.long-cable',
            'F3',
            Severity::Weak,
            '3 m',
            new StateCable(['F3'], 3.0),
            Planted::both(new StateCable(['F3'], 3.0), new FitPull('F3', PullDirection::Up, 4.7e3)),
            says: '“Lamp wall switch” hangs on 3 m of cable with only the weak pull-up inside the chip on GPIO33 (printed 33).',
            proposes: ['Fit a 4.7 kΩ pull-up'],
        );
    }
}

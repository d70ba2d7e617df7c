<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class FuseTooSmallFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'airer of 1500 W behind 5 A' => Planted::in(
            'mains.fuse-too-small',
            'board',
            Severity::Weak,
            '×0.749',
            new StateLoad('L2', 1500.0),
            Planted::both(new StateLoad('L2', 1500.0), Starts::fuse('fuse-ceramic-10')),
            says: 'All lines together draw 6.68 A through a fuse of 5 A.',
            proposes: ['Fit ceramic fuse T 10 A and wires of 1.5 mm²'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class FuseBreakingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'glass fuse' => Planted::in(
            'mains.fuse-breaking',
            'board',
            Severity::Danger,
            '50 A',
            Starts::fuse('fuse-glass-5'),
            Starts::fuse('fuse-ceramic-5'),
            says: 'Glass fuse T 5 A breaks 50 A; a short circuit of the mains brings more.',
            proposes: ['Fit ceramic fuse T 2 A'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class FuseTooFastFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'fast fuse before a lamp' => Planted::in(
            'mains.fuse-fast',
            'board',
            Severity::Weak,
            '',
            Starts::fuse('fuse-glass-2'),
            Starts::fuse('fuse-ceramic-2'),
            says: 'Glass fuse F 2 A is fast, and “Lamp” (electronic lamp) draws many times its current for a moment.',
            proposes: ['Fit ceramic fuse T 2 A'],
        );
    }
}

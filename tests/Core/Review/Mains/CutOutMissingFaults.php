<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class CutOutMissingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'airer without a cut-out' => Planted::in(
            'mains.no-cut-out',
            'L2',
            Severity::Danger,
            '',
            new StateSafety(['L2'], cutOut: false),
            new StateSafety(['L1'], cutOut: false),
            says: '“Airer” heats, and nothing but the board switches it off.',
            proposes: ['Fit an independent thermal cut-out'],
        );
    }
}

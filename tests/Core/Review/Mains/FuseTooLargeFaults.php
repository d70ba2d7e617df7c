<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class FuseTooLargeFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield '5 A fuse on 0.5 mm²' => Planted::in(
            'mains.fuse-too-large',
            'inner',
            Severity::Danger,
            '5 A',
            new StateBox(innerSquareMetres: 0.5e-6),
            new StateBox(innerSquareMetres: 0.75e-6),
            says: 'The fuse is rated 5 A; the wiring inside bears 2.6 A (0.5 mm², k = 0.87 in air of 40 °C).',
            proposes: ['Fit ceramic fuse T 2 A'],
        );

        yield '5 A fuse on a wire of 0.5 mm² to one line' => Planted::in(
            'mains.fuse-too-large',
            'branch',
            Severity::Danger,
            '5 A',
            new StateBox(branchSquareMetres: 0.5e-6),
            new StateBox(branchSquareMetres: 0.75e-6),
            says: 'The fuse is rated 5 A; the thinnest wire of one line bears 2.6 A (0.5 mm², k = 0.87 in air of 40 °C).',
            proposes: ['Fit ceramic fuse T 2 A'],
        );
    }
}

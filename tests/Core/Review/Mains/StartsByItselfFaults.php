<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class StartsByItselfFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $timer = new AddSurface('L2', SurfaceKind::Timer);
        yield 'airer on a timer' => Planted::in(
            'mains.starts-by-itself',
            'S3',
            Severity::Danger,
            '',
            $timer,
            Planted::both($timer, new TellSurface('S3', Operation::Off)),
            says: '“Airer” must never start by itself, but a timer switches it on.',
            proposes: ['Let it only switch off'],
        );

        yield 'airer on a sensor' => Planted::in(
            'mains.starts-by-itself',
            'S3',
            Severity::Danger,
            '',
            new AddSurface('L2', SurfaceKind::SensorRule, 'F5'),
            new AddSurface('L1', SurfaceKind::SensorRule, 'F5'),
            says: '“Airer” must never start by itself, but a sensor rule switches it on.',
            proposes: ['Let it only switch off'],
        );
    }
}

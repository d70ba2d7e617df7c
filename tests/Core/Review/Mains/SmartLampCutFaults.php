<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class SmartLampCutFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'lamp with a radio behind a relay' => Planted::in(
            'mains.smart-lamp-cut',
            'L1',
            Severity::Weak,
            '',
            new StateSafety(['L1'], ownRadio: true),
            new StateSafety(['L1'], ownRadio: false),
            Starts::house(),
            says: '“Lamp” listens to a radio of its own, and the board cuts its supply.',
            proposes: ['Fit a plain lamp in its place'],
        );
    }
}

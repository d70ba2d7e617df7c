<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class ValueInvertedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'values for a pin the wrong way round' => Planted::in(
            'controls.value-inverted',
            'S3',
            Severity::Broken,
            '',
            new TellSurface('S3', on: '0', off: '1'),
            new TellSurface('S3', on: '1', off: '0'),
            TestBoards::edited(TestBoards::sound(), Starts::channel('pin-service-print', 'L1')),
            says: '“Lamp” is active-high: on is 1 at its pin and off is 0, and “Far” is told 0 for on and 1 for off.',
            proposes: ['Use the derived values'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class OverCapacityFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $six = TestBoards::withLines(6);
        yield 'six lines on a service with five places' => Planted::in(
            'controls.over-capacity',
            'C1',
            Severity::Weak,
            '×0.833',
            Starts::channel('numbered-service', 'L1', 'L2', 'L3', 'L4', 'L5', 'L6'),
            Starts::channel('numbered-service', 'L1', 'L2', 'L3', 'L4', 'L5'),
            $six,
            says: '“Far” takes 5 entries, and 6 are put on it.',
            proposes: ['It is meant so'],
        );
    }
}

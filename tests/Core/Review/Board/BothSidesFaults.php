<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class BothSidesFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'parts on both sides' => Planted::in(
            'board.both-sides',
            'sides',
            Severity::Broken,
            '',
            new StateBuild(bothSides: true),
            new StateBuild(fixed: true),
            Starts::assembled(),
            says: 'Parts lie on both sides; under “Economic tier: one side, from stock” one side is populated.',
            proposes: ['Lay all of it out on one side', 'Have it made: Full tier: both sides, parts bought in'],
        );
    }
}

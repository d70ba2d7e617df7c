<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\StateTier;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class TierUnknownFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'price that nobody dated' => Planted::in(
            'controls.tier',
            'C1',
            Severity::Weak,
            '',
            new StateTier('C1', 'free', eurosPerMonth: 0.0),
            new StateTier('C1', 'free', eurosPerMonth: 0.0, seenOn: '2026-03-14'),
            TestBoards::edited(TestBoards::sound(), Starts::channel('numbered-service')),
            says: 'The price of “Far” has no day: nobody can tell whether it still holds.',
        );
    }
}

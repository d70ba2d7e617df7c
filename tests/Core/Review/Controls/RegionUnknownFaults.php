<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class RegionUnknownFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'region that the service does not have' => Planted::in(
            'controls.region',
            'C1',
            Severity::Broken,
            '',
            new ChangeChannel('C1', region: 'Australia'),
            new ChangeChannel('C1', region: 'Asia'),
            TestBoards::edited(TestBoards::sound(), Starts::channel('numbered-service')),
            says: '“Far” has no region “Australia”; it has Europe, America, Asia.',
            proposes: ['Use Europe', 'Use America', 'Use Asia'],
        );
    }
}

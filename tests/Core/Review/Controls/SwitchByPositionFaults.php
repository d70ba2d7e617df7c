<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\RemoveChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class SwitchByPositionFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        $byPosition = new TellSurface('S1', Operation::Explicit);
        yield 'wall switch by its position beside a broker' => Planted::in(
            'controls.switch-by-position',
            'S1',
            Severity::Hint,
            '',
            $byPosition,
            Planted::both($byPosition, new RemoveChannel('C1')),
            $broker,
            says: 'The wall switch of “Lamp” says on and off by its position, and 1 other control operates the line too.',
            proposes: ['Let each flick flip the line'],
        );
    }
}

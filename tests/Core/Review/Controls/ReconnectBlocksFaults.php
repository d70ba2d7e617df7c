<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class ReconnectBlocksFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        yield 'program that waits for the network' => Planted::in(
            'controls.reconnect-blocks',
            'C1',
            Severity::Weak,
            '8 s',
            new ChangeChannel('C1', blockSeconds: 8.0),
            new ChangeChannel('C1', blockSeconds: 0.05),
            $broker,
            says: 'While “Far” reconnects, 2 controls on the board wait for up to 8 s.',
            proposes: ['Reconnect beside the rest of the program'],
        );
    }
}

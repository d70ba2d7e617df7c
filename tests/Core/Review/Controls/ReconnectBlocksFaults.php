<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ReconnectBlocksFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $channel = static fn(string $profile, string ...$lines): Edit => Planted::both(
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Far'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new PutOnChannel('C1', [] === $lines ? ['L1', 'L2'] : array_values($lines)),
        );
        $broker = TestBoards::edited(TestBoards::sound(), $channel('message-broker'));
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

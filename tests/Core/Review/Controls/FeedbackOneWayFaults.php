<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class FeedbackOneWayFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $channel = static fn(string $profile, string ...$lines): Edit => Planted::both(
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Far'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new PutOnChannel('C1', [] === $lines ? ['L1', 'L2'] : array_values($lines)),
        );
        $broker = TestBoards::edited(TestBoards::sound(), $channel('message-broker'));
        yield 'state awaited from a wall switch' => Planted::in(
            'controls.feedback-one-way',
            'S1',
            Severity::Weak,
            '',
            new TellSurface('S1', promisesFeedback: true),
            new TellSurface('S3', promisesFeedback: true),
            $broker,
            says: '“Lamp” is to show its state by its wall switch, which only takes commands.',
            proposes: ['Promise no state there'],
        );
    }
}

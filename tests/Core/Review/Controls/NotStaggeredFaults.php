<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class NotStaggeredFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $channel = static fn(string $profile, string ...$lines): Edit => Planted::both(
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Far'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new PutOnChannel('C1', [] === $lines ? ['L1', 'L2'] : array_values($lines)),
        );
        $broker = TestBoards::edited(TestBoards::sound(), $channel('message-broker'));
        $night = new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C1'], true);
        yield 'two lines of a group in one moment' => Planted::in(
            'controls.not-staggered',
            'board',
            Severity::Hint,
            '50 ms',
            Planted::both($night, new StateStagger(0.05)),
            Planted::both($night, new StateStagger(0.2)),
            $broker,
            says: 'Up to 2 lines start within 50 ms of each other.',
            proposes: ['Let them follow each other after 300 ms'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\SetScene;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class NotStaggeredFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
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

        $scene = Planted::both(new AddLineGroup(LineGroupKind::Scene, 'Evening', ['L1', 'L2', 'L3']), new StateStagger(0.05));
        yield 'two lines of a scene in one moment' => Planted::in(
            'controls.not-staggered',
            'board',
            Severity::Hint,
            '50 ms',
            Planted::both($scene, new SetScene('K1', ['L1', 'L3'])),
            Planted::both($scene, new SetScene('K1', ['L3'])),
            TestBoards::edited(TestBoards::sound(), new AddLine('Shelf', TestBoards::part('led-lamp', Appliance::class))),
            says: 'Up to 2 lines start within 50 ms of each other.',
            proposes: ['Let them follow each other after 300 ms'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddGroupKey;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateOnPurpose;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class UnreachedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'line that nothing operates' => Planted::in(
            'controls.unreached',
            'L1',
            Severity::Weak,
            '',
            new RemoveSurface('S1'),
            Planted::both(new RemoveSurface('S1'), new StateOnPurpose('L1')),
            says: 'Nothing operates “Lamp”.',
            proposes: ['Operate it by a push button on GPIO14 (printed 14)', 'It is meant so'],
        );

        yield 'button that operates nothing' => Planted::in(
            'controls.unreached',
            'F6',
            Severity::Weak,
            '',
            new AddFunction(FunctionKind::Button, 'Spare'),
            Planted::both(new AddFunction(FunctionKind::Button, 'Spare'), new StateOnPurpose('F6')),
            says: '“Spare” operates no line.',
            proposes: ['Remove it', 'It is meant so'],
        );

        $bare = TestBoards::edited(TestBoards::sound(), new RemoveSurface('S1'));
        yield 'line in a group that nothing acts on' => Planted::in(
            'controls.unreached',
            'L1',
            Severity::Weak,
            '',
            new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], [], false),
            Planted::both(
                new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], [], false),
                new AddGroupKey('K1', SurfaceKind::PushButton),
            ),
            $bare,
            says: 'Nothing operates “Lamp”.',
            proposes: ['Operate it by a push button on GPIO14 (printed 14)', 'It is meant so'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Lines\StateOnPurpose;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

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
    }
}

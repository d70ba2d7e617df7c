<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\RemoveFunction;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class EdgeGlitchFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'zero crossings on a pin with false edges' => Planted::in(
            'pins.edge-glitch',
            'F6',
            Severity::Weak,
            '',
            Planted::both(
                new AddFunction(FunctionKind::ZeroCross, 'Zero crossing'),
                new SeatFunction('F6', '36'),
                new FitPull('F6', PullDirection::Up, 10e3),
            ),
            Planted::both(
                new AddFunction(FunctionKind::ZeroCross, 'Zero crossing'),
                new SeatFunction('F6', '35'),
                new FitPull('F6', PullDirection::Up, 10e3),
            ),
            says: '“Zero crossing” sits on GPIO36 (printed VP), which reads a false low of 80 ns whenever a converter powers up.',
            proposes: ['Seat it on GPIO14 (printed 14)'],
        );

        yield 'infrared on a pin with false edges' => Planted::in(
            'pins.edge-glitch',
            'F6',
            Severity::Hint,
            '',
            Planted::both(new AddFunction(FunctionKind::InfraredReceiver, 'Infrared'), new SeatFunction('F6', '39')),
            Planted::both(
                new AddFunction(FunctionKind::InfraredReceiver, 'Infrared'),
                new SeatFunction('F6', '39'),
                new RemoveFunction('F5'),
                new StateRadio(false),
            ),
            says: '“Infrared” sits on GPIO39 (printed VN), which reads a false low of 80 ns whenever a converter powers up.',
            proposes: ['Seat it on GPIO35 (printed 35)'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class OutputOnInputOnlyFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'relay on an input-only pin' => Planted::in(
            'pins.output-on-input-only',
            'F1',
            Severity::Broken,
            '',
            new SeatFunction('F1', '35'),
            new SeatFunction('F1', '27'),
            says: '“Lamp relay” is an output, and GPIO35 (printed 35) can only read.',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );

        yield 'one-wire on an input-only pin' => Planted::in(
            'pins.output-on-input-only',
            'F6',
            Severity::Broken,
            '',
            Planted::both(new AddFunction(FunctionKind::OneWireSensor, 'Probe'), new SeatFunction('F6', '35')),
            Planted::both(new AddFunction(FunctionKind::OneWireSensor, 'Probe'), new SeatFunction('F6', '27')),
            says: '“Probe” must also drive its wire, and GPIO35 (printed 35) can only read.',
            proposes: ['Seat it on GPIO14 (printed 14)'],
        );
    }
}

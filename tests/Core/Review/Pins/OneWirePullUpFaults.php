<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class OneWirePullUpFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $wire = static fn(float $metres, ?float $ohms): Edit => Planted::both(
            new AddFunction(FunctionKind::OneWireSensor, 'Water'),
            new SeatFunction('F6', '27'),
            new StateCable(['F6'], $metres),
            ...null === $ohms ? [] : [new FitPull('F6', PullDirection::Up, $ohms)],
        );
        yield 'one-wire sensor without a pull-up' => Planted::in(
            'pins.one-wire-pull-up',
            'F6',
            Severity::Broken,
            '',
            $wire(1.0, null),
            $wire(1.0, 4.7e3),
            says: '“Water” on GPIO27 (printed 27) has no pull-up outside the chip.',
            proposes: ['Fit a pull-up of 4.7 kΩ'],
        );

        yield 'one-wire sensor at the end of 20 m' => Planted::in(
            'pins.one-wire-pull-up',
            'F6',
            Severity::Weak,
            '4.7 kΩ',
            $wire(20.0, 4.7e3),
            $wire(20.0, 3.3e3),
            says: 'The pull-up of “Water” has 4.7 kΩ; its cable wants no more than 3.52 kΩ.',
            proposes: ['Fit a pull-up of 3.3 kΩ'],
        );

        yield 'one-wire sensor on too strong a pull-up' => Planted::in(
            'pins.one-wire-pull-up',
            'F6',
            Severity::Weak,
            '470 Ω',
            $wire(1.0, 470.0),
            $wire(1.0, 1e3),
            says: 'The pull-up of “Water” has 470 Ω; a sensor pulls down no less than 750 Ω.',
            proposes: ['Fit a pull-up of 4.7 kΩ'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class PullUpMissingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'switch without a pull-up' => Planted::in(
            'pins.pull-up-missing',
            'F3',
            Severity::Broken,
            '',
            new SeatFunction('F3', '35'),
            Planted::both(new SeatFunction('F3', '35'), new FitPull('F3', PullDirection::Up, 10e3)),
            says: '“Lamp wall switch” on GPIO35 (printed 35) has nothing to pull it up: the pin has no pull-up inside and none is '
                    . 'fitted outside.',
            proposes: ['Fit a 10 kΩ pull-up', 'Seat it on GPIO14 (printed 14)'],
        );

        yield 'switch with a pull-down' => Planted::in(
            'pins.pull-up-missing',
            'F3',
            Severity::Broken,
            '',
            Planted::both(new SeatFunction('F3', '35'), new FitPull('F3', PullDirection::Down, 10e3)),
            new SeatFunction('F3', '27'),
            says: '“Lamp wall switch” on GPIO35 (printed 35) has nothing to pull it up: the pin has no pull-up inside and none is '
                    . 'fitted outside.',
            proposes: ['Fit a 10 kΩ pull-up'],
        );

        $eightTwoSixSix = TestBoards::edited(
            TestBoards::bare('esp8266-carrier-30', 'esp8266'),
            new AddFunction(FunctionKind::Button, 'Button'),
        );
        yield 'button against the carrier’s pull-down' => Planted::in(
            'pins.pull-up-missing',
            'F1',
            Severity::Broken,
            '×0.277',
            new SeatFunction('F1', 'D8'),
            new SeatFunction('F1', 'D5'),
            $eightTwoSixSix,
            says: 'Open, “Button” lifts GPIO15 (printed D8) to 685 mV, and a high begins at 2.47 V: something pulls against its pull-up.',
            proposes: ['Seat it on GPIO14 (printed D5)'],
        );

        yield 'button with a pull-up that the carrier’s pull-down all but beats' => Planted::in(
            'pins.pull-up-missing',
            'F1',
            Severity::Weak,
            '×0.99',
            Planted::both(new SeatFunction('F1', 'D8'), new FitPull('F1', PullDirection::Up, 3.9e3)),
            Planted::both(new SeatFunction('F1', 'D8'), new FitPull('F1', PullDirection::Up, 3.3e3)),
            $eightTwoSixSix,
            says: 'Open, “Button” lifts GPIO15 (printed D8) to 2.38 V, and a high begins at 2.4 V at the worst corner: something pulls '
                    . 'against its pull-up.',
            proposes: ['Seat it on GPIO16 (printed D0)'],
        );
    }
}

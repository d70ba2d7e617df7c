<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\ChangeFunctionKind;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class SwitchHoldsStrapFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'wall switch on the run strap' => Planted::in(
            'pins.switch-holds-strap',
            'F3',
            Severity::Broken,
            '',
            new SeatFunction('F3', '0'),
            Planted::both(new SeatFunction('F3', '0'), new ChangeFunctionKind('F3', FunctionKind::Button)),
            says: 'If “Lamp wall switch” stands closed at power-up it holds GPIO0 (printed 0) low: the chip waits for a download '
                    . 'instead of running the program (won’t run).',
            proposes: ['Seat it on GPIO14 (printed 14)', 'Use a push button instead'],
        );

        yield 'wall switch on a harmless strap' => Planted::in(
            'pins.switch-holds-strap',
            'F3',
            Severity::Hint,
            '',
            new SeatFunction('F3', '15'),
            new SeatFunction('F3', '12'),
            says: 'If “Lamp wall switch” stands closed at power-up it holds GPIO15 (printed 15) low: only the boot log falls silent '
                    . '(harmless).',
            proposes: ['Seat it on GPIO14 (printed 14)', 'Use a push button instead'],
        );

        $c3 = TestBoards::edited(
            TestBoards::bare('esp32-c3-carrier-16', 'esp32-c3'),
            new AddFunction(FunctionKind::MaintainedSwitch, 'Switch'),
        );
        yield 'wall switch on a strap that only uploading reads' => Planted::in(
            'pins.switch-holds-strap',
            'F1',
            Severity::Weak,
            '',
            new SeatFunction('F1', '8'),
            new SeatFunction('F1', '7'),
            $c3,
            says: 'If “Switch” stands closed at power-up it holds GPIO8 (printed 8) low: a program cannot be uploaded, because download '
                    . 'mode needs a high here (won’t upload).',
            proposes: ['Seat it on GPIO6 (printed 6)', 'Use a push button instead'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class StrapAtResetFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        yield 'module holds the flash voltage strap up' => Planted::in(
            'pins.strap-at-reset',
            'F1',
            Severity::Broken,
            '2.28 V',
            Planted::both(new DriveByModule(['A1'], $module), new SeatFunction('F1', '12')),
            new SeatFunction('F1', '12'),
            says: 'With “Lamp relay” on it, GPIO12 (printed 12) is at 2.28 V at reset and must be low: the wrong flash voltage is '
                    . 'selected and the chip does not start (won’t run).',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );

        yield 'module holds the download strap up' => Planted::in(
            'pins.strap-at-reset',
            'F1',
            Severity::Weak,
            '2.28 V',
            Planted::both(new DriveByModule(['A1'], $module), new SeatFunction('F1', '2')),
            new SeatFunction('F1', '2'),
            says: 'With “Lamp relay” on it, GPIO2 (printed 2) is at 2.28 V at reset and must be low: a program cannot be uploaded, '
                    . 'because download mode needs a low here (won’t upload).',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );

        yield 'transistor pulls the run strap down' => Planted::in(
            'pins.strap-at-reset',
            'F1',
            Severity::Broken,
            '618 mV',
            new SeatFunction('F1', '0'),
            Planted::both(new DriveByModule(['A1'], $module), new SeatFunction('F1', '0')),
            says: 'With “Lamp relay” on it, GPIO0 (printed 0) is at 618 mV at reset and must be high: the chip waits for a download '
                    . 'instead of running the program (won’t run).',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );

        yield 'transistor pulls a harmless strap down' => Planted::in(
            'pins.strap-at-reset',
            'F1',
            Severity::Hint,
            '618 mV',
            new SeatFunction('F1', '5'),
            Planted::both(new DriveByModule(['A1'], $module), new SeatFunction('F1', '5')),
            says: 'With “Lamp relay” on it, GPIO5 (printed 5) is at 618 mV at reset and must be high: only the timing of a slave card '
                    . 'interface changes (harmless).',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );

        yield 'pull-up fights the flash voltage strap' => Planted::in(
            'pins.strap-at-reset',
            'F3',
            Severity::Broken,
            '2.7 V',
            Planted::both(new SeatFunction('F3', '12'), new FitPull('F3', PullDirection::Up, 10e3)),
            new SeatFunction('F3', '12'),
            says: 'With “Lamp wall switch” on it, GPIO12 (printed 12) is at 2.7 V at reset and must be low: the wrong flash voltage is '
                    . 'selected and the chip does not start (won’t run).',
            proposes: ['Seat it on GPIO14 (printed 14)'],
        );

        yield 'bus pull-up on the flash voltage strap' => Planted::in(
            'pins.strap-at-reset',
            'F6',
            Severity::Broken,
            '2.99 V',
            Planted::both(new AddGroup(GroupKind::I2c, 'Bus'), new SeatFunction('F6', '12')),
            Planted::both(new AddGroup(GroupKind::I2c, 'Bus'), new SeatFunction('F6', '5')),
            says: 'With “Bus SDA” on it, GPIO12 (printed 12) is at 2.99 V at reset and must be low: the wrong flash voltage is selected '
                    . 'and the chip does not start (won’t run).',
            proposes: ['Seat it on GPIO21 (printed 21)'],
        );

        yield 'motion sensor on the run strap' => Planted::in(
            'pins.strap-at-reset',
            'F6',
            Severity::Broken,
            '71.7 mV',
            Planted::both(new AddFunction(FunctionKind::MotionSensor, 'Motion'), new SeatFunction('F6', '0')),
            Planted::both(new AddFunction(FunctionKind::MotionSensor, 'Motion'), new SeatFunction('F6', '35')),
            says: 'With “Motion” on it, GPIO0 (printed 0) is at 71.7 mV at reset and must be high: the chip waits for a download '
                    . 'instead of running the program (won’t run).',
            proposes: ['Seat it on GPIO36 (printed VP)'],
        );
    }
}

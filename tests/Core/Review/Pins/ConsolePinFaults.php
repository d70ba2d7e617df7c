<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\TolerateConsole;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class ConsolePinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'switch on USB' => Planted::in(
            'pins.console-pin',
            'F1',
            Severity::Weak,
            '',
            new SeatFunction('F1', '19'),
            new SeatFunction('F1', '18'),
            Starts::s3(),
            says: '“Switch” sits on GPIO19 (printed 19), USB: a computer that is plugged in drives it, and a program cannot be uploaded '
                    . 'over USB while something else holds it.',
            proposes: ['Seat it on GPIO39 (printed 39)', 'State that USB is not used'],
        );

        yield 'switch on the console' => Planted::in(
            'pins.console-pin',
            'F3',
            Severity::Weak,
            '',
            new SeatFunction('F3', 'RX'),
            Planted::both(new SeatFunction('F3', 'RX'), new TolerateConsole('F3', true)),
            says: '“Lamp wall switch” sits on GPIO3 (printed RX), the serial console: it sees the boot log at every start and can block '
                    . 'uploading.',
            proposes: ['Seat it on GPIO14 (printed 14)', 'State that it tolerates the console'],
        );
    }
}

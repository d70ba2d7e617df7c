<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class ButtonOnStrapFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'button on the run strap' => Planted::in(
            'pins.button-on-strap',
            'F4',
            Severity::Hint,
            '',
            new SeatFunction('F4', '0'),
            new SeatFunction('F4', '15'),
            says: 'If “Airer push button” is held while power returns, GPIO0 (printed 0) is low: the chip waits for a download instead '
                    . 'of running the program.',
            proposes: ['Seat it on GPIO14 (printed 14)'],
        );
    }
}

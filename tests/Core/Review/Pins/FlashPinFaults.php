<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class FlashPinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'switch on the flash' => Planted::in(
            'pins.flash-pin',
            'F3',
            Severity::Broken,
            '',
            new SeatFunction('F3', 'CLK'),
            new SeatFunction('F3', '15'),
            says: '“Lamp wall switch” sits on GPIO6 (printed CLK), which is wired to the flash memory inside: the chip will not run.',
            proposes: ['Seat it on GPIO14 (printed 14)'],
        );
    }
}

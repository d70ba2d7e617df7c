<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\StateInnerMemory;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class InnerMemoryFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'relay on a pin of the PSRAM inside' => Planted::in(
            'pins.inner-memory',
            'F1',
            Severity::Broken,
            '',
            Planted::both(new SeatFunction('F1', '16'), new StateInnerMemory(true)),
            Planted::both(new SeatFunction('F1', '25'), new StateInnerMemory(true)),
            says: '“Lamp relay” sits on GPIO16 (printed 16), which the memory inside the module uses: the program stops, or does not '
                    . 'start.',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );

        yield 'sensor on a pin of the eight-wire flash inside' => Planted::in(
            'pins.inner-memory',
            'F1',
            Severity::Broken,
            '',
            Planted::both(new SeatFunction('F1', '35'), new StateInnerMemory(true)),
            Planted::both(new SeatFunction('F1', '35'), new StateInnerMemory(false)),
            Starts::s3(),
            says: '“Switch” sits on GPIO35 (printed 35), which the memory inside the module uses: the program stops, or does not start.',
            proposes: ['Seat it on GPIO39 (printed 39)'],
        );
    }
}

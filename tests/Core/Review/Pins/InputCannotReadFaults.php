<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class InputCannotReadFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'sensor on the converter that the radio takes' => Planted::in(
            'pins.input-cannot-read',
            'F5',
            Severity::Broken,
            '',
            new SeatFunction('F5', '25'),
            Planted::both(new SeatFunction('F5', '25'), new StateRadio(false)),
            says: '“Light sensor” cannot be read on GPIO25 (printed 25): its converter (ADC2) cannot be read while the radio is used.',
            proposes: ['Seat it on GPIO36 (printed VP)'],
        );

        yield 'sensor without a converter' => Planted::in(
            'pins.input-cannot-read',
            'F5',
            Severity::Broken,
            '',
            new SeatFunction('F5', '18'),
            new SeatFunction('F5', '35'),
            says: '“Light sensor” cannot be read on GPIO18 (printed 18): it has no analogue input.',
            proposes: ['Seat it on GPIO36 (printed VP)'],
        );
    }
}

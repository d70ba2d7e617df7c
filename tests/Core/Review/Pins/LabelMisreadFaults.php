<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Pins\ConfirmReading;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class LabelMisreadFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'print that is another pin’s number' => Planted::in(
            'pins.label-misread',
            'F3',
            Severity::Weak,
            '',
            new SeatFunction('F3', 'D2'),
            Planted::both(new SeatFunction('F3', 'D2'), new ConfirmReading('F3')),
            says: '“Lamp wall switch” was written as “D2” and read as GPIO9 (printed D2); it can also mean GPIO2 (printed 2).',
            proposes: ['Confirm GPIO9 (printed D2)', 'It means GPIO2 (printed 2)'],
        );
    }
}

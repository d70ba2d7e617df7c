<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class OutletOverloadedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'outlet for 10 A before 12.6 A' => Planted::in(
            'mains.outlet-overloaded',
            'L2',
            Severity::Danger,
            '×0.793',
            Starts::outlet(10.0),
            Starts::outlet(13.0),
            says: '“Airer” draws 12.6 A through an outlet for 10 A.',
            proposes: ['Use an outlet for 13 A'],
        );
    }
}

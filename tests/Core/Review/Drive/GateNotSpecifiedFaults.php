<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class GateNotSpecifiedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield '10 V MOSFET on a 3.3 V pin' => Planted::in(
            'drive.gate-not-specified',
            'A1',
            Severity::Broken,
            '×0.326',
            Starts::mosfet('mosfet-10v'),
            Starts::mosfet('mosfet-2v5'),
            says: 'The gate of “Lamp” gets 3.26 V; MOSFET specified at 10 V (IRF540 class) is specified from 10 V on.',
            proposes: ['Use the MOSFET specified at 2.5 V (AO3400 class)'],
        );

        yield '4.5 V MOSFET on a 3.3 V pin' => Planted::in(
            'drive.gate-not-specified',
            'A1',
            Severity::Weak,
            '×0.725',
            Starts::mosfet('mosfet-4v5'),
            Starts::mosfet('mosfet-2v5'),
            says: 'The gate of “Lamp” gets 3.26 V; MOSFET specified at 4.5 V (IRLZ44 class) is specified from 4.5 V on.',
            proposes: ['Use the MOSFET specified at 2.5 V (AO3400 class)'],
        );
    }
}

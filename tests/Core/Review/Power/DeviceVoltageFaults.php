<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class DeviceVoltageFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield '5 V display on 3.3 V' => Planted::in(
            'power.device-voltage',
            'D1',
            Severity::Broken,
            '3.2 V',
            Starts::device('character-display'),
            Starts::device('character-display', 'R1'),
            says: '“Display” gets down to 3.2 V; it is made for 4.5 V to 5.5 V.',
            proposes: ['Feed it from the rail 5 V'],
        );
    }
}

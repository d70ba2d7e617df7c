<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class DeviceOnPinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'display on a pin' => Planted::in(
            'power.device-on-pin',
            'D1',
            Severity::Broken,
            '30 mA',
            Starts::device('small-display', null, '25'),
            Starts::device('temperature-sensor', null, '25'),
            says: '“Display” takes up to 30 mA from GPIO25 (printed 25), which gives 12 mA.',
            proposes: ['Feed it from the controller’s pin supply', 'Feed it from the rail 5 V'],
        );

        yield 'sensor on a pin that is no output' => Planted::in(
            'power.device-on-pin',
            'D1',
            Severity::Broken,
            '',
            Starts::device('temperature-sensor', null, '35'),
            Starts::device('temperature-sensor', null, '25'),
            says: '“Display” is fed from GPIO35 (printed 35), which cannot be an output.',
            proposes: ['Feed it from the controller’s pin supply', 'Feed it from the rail 5 V'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class SensorHuntsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'on and off at one temperature' => Planted::in(
            'controls.sensor-hunts',
            'S3',
            Severity::Broken,
            '0 °C',
            Starts::warm(20.0, 20.0),
            Starts::warm(20.0, 21.0),
            says: 'Between on and off of “Lamp” lie 0 °C; readings of temperature differ by 0.5 °C by themselves, and the relay '
                    . 'follows each.',
            proposes: ['Switch on at 19 °C'],
        );

        yield 'on and off closer than readings' => Planted::in(
            'controls.sensor-hunts',
            'S3',
            Severity::Weak,
            '0.3 °C',
            Starts::warm(20.0, 20.3, least: 59.5),
            Starts::warm(20.0, 20.3, least: 60.0),
            says: 'Between on and off of “Lamp” lie 0.3 °C; readings of temperature differ by 0.5 °C by themselves, and the relay '
                    . 'follows each.',
            proposes: ['Switch on at 19.3 °C'],
        );

        yield 'cooler that hunts' => Planted::in(
            'controls.sensor-hunts',
            'S3',
            Severity::Weak,
            '0.4 °C',
            Starts::warm(20.4, 20.0),
            Starts::warm(20.5, 20.0),
            says: 'Between on and off of “Lamp” lie 0.4 °C; readings of temperature differ by 0.5 °C by themselves, and the relay '
                    . 'follows each.',
            proposes: ['Switch on at 21 °C'],
        );
    }
}

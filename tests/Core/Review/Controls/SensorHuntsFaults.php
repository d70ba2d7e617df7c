<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class SensorHuntsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $sensor = Planted::both(
            new AddFunction(FunctionKind::OneWireSensor, 'Air'),
            new SeatFunction('F6', '27'),
            new FitPull('F6', PullDirection::Up, 4.7e3),
            new StateCable(['F6'], 1.0),
            new AddSurface('L1', SurfaceKind::SensorRule, 'F6'),
        );
        $warm = static fn(float $on, float $off, ?LostSensor $lost = LostSensor::Off, float $least = 0.0): Edit => Planted::both(
            $sensor,
            new StateSensorRule('S3', Sensed::Temperature, $on, $off, leastOnSeconds: $least, whenLost: $lost),
        );
        yield 'on and off at one temperature' => Planted::in(
            'controls.sensor-hunts',
            'S3',
            Severity::Broken,
            '0 °C',
            $warm(20.0, 20.0),
            $warm(20.0, 21.0),
            says: 'Between on and off of “Lamp” lie 0 °C; readings of temperature differ by 0.5 °C by themselves, and the relay '
                    . 'follows each.',
            proposes: ['Switch on at 19 °C'],
        );

        yield 'on and off closer than readings' => Planted::in(
            'controls.sensor-hunts',
            'S3',
            Severity::Weak,
            '0.3 °C',
            $warm(20.0, 20.3, least: 59.5),
            $warm(20.0, 20.3, least: 60.0),
            says: 'Between on and off of “Lamp” lie 0.3 °C; readings of temperature differ by 0.5 °C by themselves, and the relay '
                    . 'follows each.',
            proposes: ['Switch on at 19.3 °C'],
        );

        yield 'cooler that hunts' => Planted::in(
            'controls.sensor-hunts',
            'S3',
            Severity::Weak,
            '0.4 °C',
            $warm(20.4, 20.0),
            $warm(20.5, 20.0),
            says: 'Between on and off of “Lamp” lie 0.4 °C; readings of temperature differ by 0.5 °C by themselves, and the relay '
                    . 'follows each.',
            proposes: ['Switch on at 21 °C'],
        );
    }
}

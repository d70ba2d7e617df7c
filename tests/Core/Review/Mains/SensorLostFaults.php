<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class SensorLostFaults implements PlantedFaults
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
        yield 'lamp that goes on by a lost sensor' => Planted::in(
            'mains.sensor-lost',
            'S3',
            Severity::Weak,
            '',
            $warm(20.0, 21.0, LostSensor::On),
            $warm(20.0, 21.0, LostSensor::Stays),
            says: '“Lamp” goes on when “Air” is lost.',
            proposes: ['Let the line go off when the sensor is lost'],
        );

        $heats = Planted::both(
            $sensor,
            new ChooseAppliance('L1', TestBoards::part('frost-heater', Appliance::class)),
            new StateSafety(['L1'], cutOut: true),
        );
        $heat = static fn(LostSensor $lost): Edit => Planted::both(
            $heats,
            new StateSensorRule('S3', Sensed::Temperature, 5.0, 7.0, whenLost: $lost),
        );
        yield 'heater that stays on when its sensor is lost' => Planted::in(
            'mains.sensor-lost',
            'S3',
            Severity::Danger,
            '',
            $heat(LostSensor::Stays),
            $heat(LostSensor::Off),
            says: '“Lamp” stays as it is when “Air” is lost: it heats, and nobody knows how warm it is.',
            proposes: ['Let the line go off when the sensor is lost'],
        );
    }
}

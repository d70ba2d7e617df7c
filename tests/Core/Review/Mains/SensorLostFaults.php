<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class SensorLostFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'lamp that goes on by a lost sensor' => Planted::in(
            'mains.sensor-lost',
            'S3',
            Severity::Weak,
            '',
            Starts::warm(20.0, 21.0, LostSensor::On),
            Starts::warm(20.0, 21.0, LostSensor::Stays),
            says: '“Lamp” goes on when “Air” is lost.',
            proposes: ['Let the line go off when the sensor is lost'],
        );

        $heats = Planted::both(
            Starts::sensor(),
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

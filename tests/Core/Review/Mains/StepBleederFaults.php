<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class StepBleederFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'no bleeder' => Planted::in(
            'mains.step-bleeder',
            'G1',
            Severity::Danger,
            '0 Ω',
            Starts::bank(CapacitorClass::MotorRun, 0.0, 2.2),
            Starts::bank(CapacitorClass::MotorRun, 220e3, 2.2),
            Starts::fan(),
            says: 'Nothing discharges the capacitors of “Fan”: they bite long after the plug is drawn.',
            proposes: ['Fit bleeders of 220 kΩ'],
        );

        yield 'bleeder of a megohm' => Planted::in(
            'mains.step-bleeder',
            'G1',
            Severity::Danger,
            '1 MΩ',
            Starts::bank(CapacitorClass::MotorRun, 1e6, 2.2),
            Starts::bank(CapacitorClass::MotorRun, 220e3, 2.2),
            Starts::fan(),
            says: 'The bleeders of “Fan” leave more than 34 V after a second.',
            proposes: ['Fit bleeders of 220 kΩ'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class StepCapacitorClassFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'X2 capacitor in series with a fan' => Planted::in(
            'mains.step-class',
            'G1',
            Severity::Danger,
            '',
            Starts::bank(CapacitorClass::X2, 220e3, 2.2),
            Starts::bank(CapacitorClass::MotorRun, 220e3, 2.2),
            Starts::fan(),
            says: 'The capacitors of “Fan” are of class X2, which is not made for continuous series duty.',
            proposes: ['Use motor-run capacitors'],
        );

        yield 'capacitor in resonance with a fan' => Planted::in(
            'mains.step-class',
            'G1',
            Severity::Weak,
            '420 V',
            Planted::both(Starts::bank(CapacitorClass::MotorRun, 47e3, 2.2), new FitStepCapacitor('G1', 'F1', 3.3e-6)),
            Starts::bank(CapacitorClass::MotorRun, 220e3, 2.2),
            Starts::fan(),
            says: 'A capacitor of “Fan” sees 420 V; motor-run ones are made for 400 V.',
            proposes: ['Fit 4.7 µF to “Lamp relay”'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Relays\AddStep;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class StepOvervoltsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'fan near resonance' => Planted::in(
            'mains.step-overvolts',
            'G1',
            Severity::Weak,
            '314 V',
            Planted::both(Starts::bank(CapacitorClass::MotorRun, 47e3, 2.2), new FitStepCapacitor('G1', 'F1', 3.3e-6)),
            Starts::bank(CapacitorClass::MotorRun, 220e3, 2.2),
            Starts::fan(),
            says: 'With “Lamp relay” closed the motor gets 314 V; it is made for 230 V.',
            proposes: ['Fit 2.7 µF to “Lamp relay”'],
        );

        yield 'two capacitors closed at once, near resonance' => Planted::in(
            'mains.step-overvolts',
            'G1',
            Severity::Weak,
            '285 V',
            Planted::both(
                Starts::bank(CapacitorClass::MotorRun, 220e3, 2.2),
                new FitStepCapacitor('G1', 'F6', 1.5e-6),
                new AddStep('G1', ['F1', 'F6']),
            ),
            Planted::both(
                Starts::bank(CapacitorClass::MotorRun, 220e3, 2.2),
                new FitStepCapacitor('G1', 'F6', 0.47e-6),
                new AddStep('G1', ['F1', 'F6']),
            ),
            Starts::fan(),
            says: 'With “Lamp relay” and “Lamp relay 2” closed the motor gets 285 V; it is made for 230 V.',
            proposes: ['Take this step away'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\AddStep;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class StepOvervoltsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $fan = TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('extractor-fan', Appliance::class)),
            new AddRelay('L1'),
            new SeatFunction('F6', '21'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F6']),
            new InterlockGroup('G1', true),
            new FitStepCapacitor('G1', 'F1', 1.5e-6),
        );
        $bank = static fn(CapacitorClass $class, float $bleeder, float $series): Edit => new StateStepBank('G1', $class, $bleeder, $series);
        yield 'fan near resonance' => Planted::in(
            'mains.step-overvolts',
            'G1',
            Severity::Weak,
            '314 V',
            Planted::both($bank(CapacitorClass::MotorRun, 47e3, 2.2), new FitStepCapacitor('G1', 'F1', 3.3e-6)),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
            says: 'With “Lamp relay” closed the motor gets 314 V; it is made for 230 V.',
            proposes: ['Fit 2.7 µF to “Lamp relay”'],
        );

        yield 'two capacitors closed at once, near resonance' => Planted::in(
            'mains.step-overvolts',
            'G1',
            Severity::Weak,
            '285 V',
            Planted::both(
                $bank(CapacitorClass::MotorRun, 220e3, 2.2),
                new FitStepCapacitor('G1', 'F6', 1.5e-6),
                new AddStep('G1', ['F1', 'F6']),
            ),
            Planted::both(
                $bank(CapacitorClass::MotorRun, 220e3, 2.2),
                new FitStepCapacitor('G1', 'F6', 0.47e-6),
                new AddStep('G1', ['F1', 'F6']),
            ),
            $fan,
            says: 'With “Lamp relay” and “Lamp relay 2” closed the motor gets 285 V; it is made for 230 V.',
            proposes: ['Take this step away'],
        );
    }
}

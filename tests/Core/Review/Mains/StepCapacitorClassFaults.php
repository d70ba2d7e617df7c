<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class StepCapacitorClassFaults implements PlantedFaults
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
        yield 'X2 capacitor in series with a fan' => Planted::in(
            'mains.step-class',
            'G1',
            Severity::Danger,
            '',
            $bank(CapacitorClass::X2, 220e3, 2.2),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
            says: 'The capacitors of “Fan” are of class X2, which is not made for continuous series duty.',
            proposes: ['Use motor-run capacitors'],
        );

        yield 'capacitor in resonance with a fan' => Planted::in(
            'mains.step-class',
            'G1',
            Severity::Weak,
            '420 V',
            Planted::both($bank(CapacitorClass::MotorRun, 47e3, 2.2), new FitStepCapacitor('G1', 'F1', 3.3e-6)),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
            says: 'A capacitor of “Fan” sees 420 V; motor-run ones are made for 400 V.',
            proposes: ['Fit 4.7 µF to “Lamp relay”'],
        );
    }
}

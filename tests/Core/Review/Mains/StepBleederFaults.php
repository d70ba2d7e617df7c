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

final class StepBleederFaults implements PlantedFaults
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
        yield 'no bleeder' => Planted::in(
            'mains.step-bleeder',
            'G1',
            Severity::Danger,
            '0 Ω',
            $bank(CapacitorClass::MotorRun, 0.0, 2.2),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
            says: 'Nothing discharges the capacitors of “Fan”: they bite long after the plug is drawn.',
            proposes: ['Fit bleeders of 220 kΩ'],
        );

        yield 'bleeder of a megohm' => Planted::in(
            'mains.step-bleeder',
            'G1',
            Severity::Danger,
            '1 MΩ',
            $bank(CapacitorClass::MotorRun, 1e6, 2.2),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
            says: 'The bleeders of “Fan” leave more than 34 V after a second.',
            proposes: ['Fit bleeders of 220 kΩ'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class StepSeriesFaults implements PlantedFaults
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
        $bearing = Planted::both(
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            new ChooseRelay(
                ['A1', 'A3'],
                Copy::of(
                    TestBoards::part('reinforced-5v', Relay::class),
                    [
                        'identity' => new PartIdentity('relay-peak', 1, 'Relay with a peak rating', Basis::CommonPractice, 'for a test'),
                        'contactPeakAmps' => 120.0,
                    ],
                ),
            ),
        );
        yield 'contact that closes on a charged capacitor' => Planted::in(
            'mains.step-series',
            'G1',
            Severity::Weak,
            '390 A',
            $bearing,
            Planted::both($bearing, new StateStepBank('G1', seriesOhms: 8.2)),
            $fan,
            says: 'Up to 390 A flow into the capacitors of “Fan” when a contact closes on a charged one; the contact bears 120 A for a '
                    . 'moment.',
            proposes: ['Fit 8.2 Ω in series with each'],
        );

        yield 'no series resistor' => Planted::in(
            'mains.step-series',
            'G1',
            Severity::Weak,
            '',
            $bank(CapacitorClass::MotorRun, 220e3, 0.0),
            $bank(CapacitorClass::MotorRun, 220e3, 2.2),
            $fan,
            says: 'Nothing limits the current into the capacitors of “Fan” when a contact closes at the peak of the mains.',
            proposes: ['Fit 2.2 Ω in series with each'],
        );
    }
}

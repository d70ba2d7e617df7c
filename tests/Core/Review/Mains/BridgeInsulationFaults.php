<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\BridgingCapacitor;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\StateBarrier;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class BridgeInsulationFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $closed = TestBoards::closed();
        $asLive = new StateBox(touchable: false, socketReachable: false);
        $supplyWith = static fn(Insulation $insulation): Edit => new ChooseSupply(
            'R1',
            Copy::of(
                TestBoards::part('module-5v-10w', Supply::class),
                [
                    'identity' => new PartIdentity('module-x', 1, 'Module of unknown make', Basis::CommonPractice, 'for a test'),
                    'insulation' => $insulation,
                ],
            ),
        );
        yield 'supply with basic insulation' => Planted::in(
            'mains.bridge-insulation',
            'R1',
            Severity::Danger,
            '',
            $supplyWith(Insulation::Basic),
            $supplyWith(Insulation::Reinforced),
            says: 'Between mains and low voltage stands the supply of the rail 5 V (Module of unknown make), '
                . 'whose insulation is basic, and '
                    . 'that side can be touched.',
            proposes: ['Fit mains module 5 V, 10 W'],
        );

        yield 'capacitor of class Y2 beside a button' => Planted::in(
            'mains.bridge-insulation',
            'board',
            Severity::Danger,
            '',
            new StateBox(bridgingCapacitor: BridgingCapacitor::Y2),
            new StateBox(bridgingCapacitor: BridgingCapacitor::Y1),
            says: 'Between mains and low voltage stands a capacitor (class Y2), whose insulation is basic, and that side can be touched.',
            proposes: ['Take the capacitor out', 'Fit one of class Y1'],
        );

        yield 'capacitor of class Y2 behind a cover' => Planted::in(
            'mains.bridge-insulation',
            'board',
            Severity::Danger,
            '',
            Planted::both($asLive, new StateBox(bridgingCapacitor: BridgingCapacitor::Other)),
            Planted::both($asLive, new StateBox(bridgingCapacitor: BridgingCapacitor::Y2)),
            $closed,
            says: 'Between mains and low voltage stands a capacitor, whose insulation is of no class that is made for it.',
            proposes: ['Take the capacitor out', 'Fit one of class Y1'],
        );

        $zeroCross = TestBoards::edited(
            TestBoards::sound(),
            new AddFunction(FunctionKind::ZeroCross, 'Zero cross'),
            new SeatFunction('F6', '25'),
        );
        yield 'coupler that listens to the mains' => Planted::in(
            'mains.bridge-insulation',
            'F6',
            Severity::Danger,
            '',
            new StateBarrier('F6', Insulation::Basic),
            new StateBarrier('F6', Insulation::Reinforced),
            $zeroCross,
            says: 'Between mains and low voltage stands the coupler of “Zero cross”, whose insulation is basic, and that side can be '
                    . 'touched.',
            proposes: ['Use a coupler that is stated reinforced'],
        );
    }
}

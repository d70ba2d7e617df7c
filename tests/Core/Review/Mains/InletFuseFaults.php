<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class InletFuseFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $nothing = new StateBox(oneCircuit: true);
        yield 'no fuse' => Planted::in(
            'mains.no-fuse',
            'board',
            Severity::Danger,
            '',
            new StateBox(fused: false),
            $nothing,
            says: 'No fuse stands behind the inlet: a fault heats the wires of this box until they burn.',
            proposes: ['Fit ceramic fuse T 2 A'],
        );

        yield 'no fuse before a supply in the box, whose lines run from 12 V' => Planted::in(
            'mains.no-fuse',
            'board',
            Severity::Danger,
            '',
            new StateBox(fused: false),
            Planted::both(new ChooseSupply('R1', TestBoards::part('adapter-5v-2a', Supply::class)), new StateBox(fused: false)),
            TestBoards::edited(TestBoards::bare(), new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class))),
            says: 'No fuse stands behind the inlet: a fault heats the wires of this box until they burn.',
            proposes: ['Fit ceramic fuse T 1 A'],
        );

        yield 'one fuse before two hots' => Planted::in(
            'mains.no-fuse',
            'second-fuse',
            Severity::Danger,
            '',
            new StateBox(inlet: InletKind::TwoHots, bothFused: false),
            new StateBox(inlet: InletKind::TwoHots, bothFused: true),
            says: 'One of the two live conductors has no fuse: a fault to earth on that side heats the wires of this box until they burn.',
            proposes: ['Fit the same fuse in the other live conductor'],
        );
    }
}

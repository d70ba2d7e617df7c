<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateTwoWay;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class TwoWayContactFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $twoWay = Planted::both(
            Starts::heardTwoWay(),
            new StateTwoWay(['L1'], liveReturned: false),
        );
        yield 'two-way circuit on a solid-state output' => Planted::in(
            'mains.two-way-contact',
            'L1',
            Severity::Broken,
            '',
            Planted::both($twoWay, new ChooseRelay(['A1'], TestBoards::part('ssr-2a-pcb', Relay::class))),
            $twoWay,
            says: '“Lamp” is one end of a two-way circuit, and its solid-state output does not change over.',
            proposes: ['Fit cube relay 5 V, 0.36 W, 10 A'],
        );

        $cube = Planted::both(
            $twoWay,
            new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
            new ChooseAppliance('L1', TestBoards::part('filament-lamp', Appliance::class)),
        );
        yield 'more than the normally closed side bears' => Planted::in(
            'mains.two-way-contact',
            'L1',
            Severity::Danger,
            '×0.958',
            Planted::both($cube, new StateLoad('L1', 1200.0)),
            Planted::both($cube, new StateLoad('L1', 1100.0)),
            says: '“Lamp” draws 5.22 A; the normally closed side that carries it half of the time is rated 5 A.',
            proposes: ['Fit relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Functions\StateBarrier;
use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\StateTwoWay;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class LiveReturnedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $twoWay = Planted::both(
            new MakeTwoWay('L1'),
            new SenseState('L1', TestBoards::part('pc817', OptoCoupler::class)),
            new SeatFunction('F6', '27'),
            new StateBarrier('F6', Insulation::Reinforced),
        );
        yield 'two-way circuit with a returned live' => Planted::in(
            'mains.live-returned',
            'L1',
            Severity::Danger,
            '',
            Planted::both($twoWay, new StateTwoWay(['L1'], liveReturned: true)),
            Planted::both($twoWay, new StateTwoWay(['L1'], liveReturned: false)),
            says: 'The live of “Lamp” comes or goes by another line or circuit: with its own breaker off the switch is live.',
            proposes: ['Have it run in cables of its own, from one circuit'],
        );
    }
}

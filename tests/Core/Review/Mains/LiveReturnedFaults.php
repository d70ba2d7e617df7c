<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateTwoWay;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class LiveReturnedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $twoWay = Starts::heardTwoWay();
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

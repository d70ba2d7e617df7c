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

final class TwoWayUnheardFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $known = new StateTwoWay(['L1'], liveReturned: false);
        yield 'two-way circuit whose state is not heard' => Planted::in(
            'mains.two-way-unheard',
            'L1',
            Severity::Broken,
            '',
            Planted::both(new MakeTwoWay('L1'), $known),
            Planted::both(
                new MakeTwoWay('L1'),
                new SenseState('L1', TestBoards::part('pc817', OptoCoupler::class)),
                new SeatFunction('F6', '27'),
                new StateBarrier('F6', Insulation::Reinforced),
                $known,
            ),
            says: '“Lamp” is on or off as the old switch stands, and the board does not hear which.',
            proposes: ['Hear its state through opto coupler PC817 class on GPIO14 (printed 14)'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Lines\StateTwoWay;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

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
                Starts::heardTwoWay(),
                $known,
            ),
            says: '“Lamp” is on or off as the old switch stands, and the board does not hear which.',
            proposes: ['Hear its state through opto coupler PC817 class on GPIO14 (printed 14)'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\SetStateSense;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class StateSenseWeakFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $current = Planted::both(new SenseState('L1'), new SeatFunction('F6', '35'));
        yield 'a lamp on a current transformer with 100 Ω' => Planted::in(
            'mains.state-sense',
            'L1',
            Severity::Broken,
            '×0.443',
            $current,
            Planted::both($current, new SetStateSense('L1', burdenOhms: 330.0)),
            says: '“Lamp” gives the input of its current transformer 22.1 mV; it tells 50 mV from noise.',
            proposes: ['Fit 270 Ω across the transformer'],
        );

        $voltage = Planted::both(
            new SenseState('L2', TestBoards::part('pc817', OptoCoupler::class)),
            new SeatFunction('F6', '27'),
            new FitPull('F6', PullDirection::Up, 2.2e3),
        );
        yield 'a strong pull-up behind a coupler that is fed little' => Planted::in(
            'mains.state-sense',
            'L2',
            Severity::Weak,
            '×0.936',
            $voltage,
            Planted::both($voltage, new FitPull('F6', PullDirection::Up, 10e3)),
            says: '“Airer” lets the coupler that hears its state draw 1.08 mA; the pull-up at its pin gives 1.16 mA, with the mains low '
                . 'and the coupler aged.',
            proposes: ['Fit 2.7 kΩ as its pull-up'],
        );
    }
}

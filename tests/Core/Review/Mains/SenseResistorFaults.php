<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Functions\StateBarrier;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\SetStateSense;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class SenseResistorFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $sensed = Planted::both(
            new SenseState('L2', TestBoards::part('pc817', OptoCoupler::class)),
            new SeatFunction('F6', '27'),
            new StateBarrier('F6', Insulation::Reinforced),
        );
        yield 'one small resistor takes the peak of the mains' => Planted::in(
            'mains.sense-resistor',
            'L2',
            Severity::Danger,
            '×0.559',
            Planted::both($sensed, new SetStateSense('L2', resistors: 1, resistorVolts: 200.0, resistorWatts: 2.0)),
            Planted::both($sensed, new SetStateSense('L2', resistors: 2, resistorVolts: 200.0, resistorWatts: 2.0)),
            says: 'Each resistor before the coupler of “Airer” has 358 V across it and is made for 200 V.',
            proposes: ['Share it among 2 resistors'],
        );

        yield 'resistors of a quarter watt at the mains' => Planted::in(
            'mains.sense-resistor',
            'L2',
            Severity::Danger,
            '×0.441',
            Planted::both($sensed, new SetStateSense('L2', resistorWatts: 0.25)),
            $sensed,
            says: 'Each resistor before the coupler of “Airer” makes 340 mW of heat and takes 150 mW for good.',
            proposes: ['Share it among 5 resistors'],
        );
    }
}

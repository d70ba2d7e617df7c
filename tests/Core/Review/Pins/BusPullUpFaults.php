<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\SetI2cBus;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class BusPullUpFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $sound = TestBoards::sound();
        $bus = TestBoards::edited($sound, new AddGroup(GroupKind::I2c, 'Bus'));
        $pulls = static fn(?float $ohms, float $hertz = 100e3): Edit => new SetI2cBus('G1', $hertz, $ohms, 50e-12);
        yield 'bus without pull-ups' => Planted::in(
            'pins.bus-pull-up',
            'G1',
            Severity::Broken,
            '',
            $pulls(null),
            $pulls(4.7e3),
            $bus,
            says: '“Bus” has no pull-ups: nothing lifts its wires. They lie between 967 Ω and 19.7 kΩ.',
            proposes: ['Fit pull-ups of 3.3 kΩ'],
        );

        yield 'bus with 680 Ω' => Planted::in(
            'pins.bus-pull-up',
            'G1',
            Severity::Broken,
            '×0.703',
            $pulls(680.0),
            $pulls(1.2e3),
            $bus,
            says: 'The pull-ups of “Bus” (680 Ω) are too small: devices cannot pull the wires low; they lie between 967 Ω and 19.7 '
                    . 'kΩ.',
            proposes: ['Fit pull-ups of 3.3 kΩ'],
        );

        yield 'bus with 1 kΩ' => Planted::in(
            'pins.bus-pull-up',
            'G1',
            Severity::Weak,
            '×0.95',
            $pulls(1e3),
            $pulls(1.2e3),
            $bus,
            says: 'The pull-ups of “Bus” (1 kΩ) are too small: devices cannot pull the wires low; they lie between 967 Ω and 19.7 '
                    . 'kΩ, and these reach outside at a corner.',
            proposes: ['Fit pull-ups of 3.3 kΩ'],
        );

        yield 'fast bus with 10 kΩ' => Planted::in(
            'pins.bus-pull-up',
            'G1',
            Severity::Broken,
            '×0.59',
            $pulls(10e3, 400e3),
            $pulls(4.7e3, 400e3),
            $bus,
            says: 'The pull-ups of “Bus” (10 kΩ) are too large: the wires rise too late; they lie between 967 Ω and 5.9 kΩ.',
            proposes: ['Fit pull-ups of 2.7 kΩ'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Drivers\HoldCoils;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class HoldCurrentFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'held coil behind a zener' => Planted::in(
            'power.hold-current',
            'A1',
            Severity::Broken,
            '×0.491',
            Planted::both(new StateClamp(['A1'], Clamp::DiodeZener), new HoldCoils(['A1'], 0.5)),
            Planted::both(new StateClamp(['A1'], Clamp::Diode), new HoldCoils(['A1'], 0.5)),
            says: '“Lamp” is held by switching its coil fast, which wants a plain diode across it and has diode and zener.',
            proposes: ['Fit a plain diode', 'Hold it with the full voltage'],
        );

        yield 'coil held with a third' => Planted::in(
            'power.hold-current',
            'A1',
            Severity::Weak,
            '×0.324',
            new HoldCoils(['A1'], 0.33),
            new HoldCoils(['A1'], 0.5),
            says: '“Lamp” is held with 1.62 V of its 5 V.',
            proposes: ['Hold it with half of the voltage', 'Hold it with the full voltage'],
        );
    }
}

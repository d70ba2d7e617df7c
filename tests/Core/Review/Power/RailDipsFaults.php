<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\RunCable;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class RailDipsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'long thin cable' => Planted::in(
            'power.rail-dips',
            'R1',
            Severity::Broken,
            '×0.927',
            new RunCable('R1', 25.0, 0.25e-6),
            new RunCable('R1', 2.0, 0.75e-6),
            says: 'While all relays pull in, the rail 5 V falls to 3.57 V: relays do not pull in together.',
            proposes: ['Run a cable of 1 mm²'],
        );

        yield 'thin cable' => Planted::in(
            'power.rail-dips',
            'R1',
            Severity::Weak,
            '×0.867',
            new RunCable('R1', 12.0, 0.25e-6),
            new RunCable('R1', 2.0, 0.75e-6),
            says: 'While all relays pull in, the rail 5 V falls to 3.76 V at the worst corner: the controller runs below its specified '
                    . 'supply.',
            proposes: ['Run a cable of 0.5 mm²'],
        );
    }
}

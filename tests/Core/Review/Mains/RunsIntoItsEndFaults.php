<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\StateReversal;
use IronLatch\Core\Board\Edit\TakeBack;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class RunsIntoItsEndFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'blind that nothing stops' => Planted::in(
            'mains.runs-into-its-end',
            'G1',
            Severity::Danger,
            '',
            Planted::both(new TakeBack(['G1.reversal.runSeconds']), new StateReversal('G1', endSwitches: false)),
            new StateReversal('G1', 60.0),
            Starts::blind(),
            says: '“Lamp directions” has no end switches, and the program lets it run on for ever.',
            proposes: ['Fit a motor with end switches, and stop it by the program after 90 s'],
        );

        yield 'blind that its end switches alone stop' => Planted::in(
            'mains.runs-into-its-end',
            'G1',
            Severity::Weak,
            '',
            new TakeBack(['G1.reversal.runSeconds']),
            new StateReversal('G1', 60.0),
            Starts::blind(),
            says: '“Lamp directions” relies on its end switches alone: the program lets it run on for ever.',
            proposes: ['Stop it by the program after 90 s'],
        );

        yield 'blind that the program alone stops' => Planted::in(
            'mains.runs-into-its-end',
            'G1',
            Severity::Weak,
            '',
            new StateReversal('G1', endSwitches: false),
            new StateReversal('G1', endSwitches: true),
            Starts::blind(),
            says: '“Lamp directions” is stopped by the program alone: no end switch stops it.',
            proposes: ['Fit a motor with end switches'],
        );
    }
}

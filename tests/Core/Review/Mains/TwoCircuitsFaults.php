<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class TwoCircuitsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $nothing = new StateBox(oneCircuit: true);
        yield 'two circuits' => Planted::in(
            'mains.two-circuits',
            'board',
            Severity::Danger,
            '',
            new StateBox(oneCircuit: false),
            $nothing,
            says: 'The board hangs on more than one circuit: with one switched off it is still live.',
            proposes: ['Feed all of it from one circuit'],
        );
    }
}

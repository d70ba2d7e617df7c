<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class WarmBoxFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $small = static fn(float $height): Edit => new Sequence(
            'a small box',
            [new StateBox(lengthMetres: 0.1, widthMetres: 0.08, heightMetres: $height), new StateLoad('L2', 2000.0)],
        );
        yield 'small box that holds its heat' => Planted::in(
            'power.warm-box',
            'box',
            Severity::Weak,
            '40.9 °C',
            Planted::both(new StateAmbient(40.0), $small(0.06)),
            Planted::both(new StateAmbient(40.0), $small(0.08)),
            says: 'With everything on, the air in the box of 100 mm × 80 mm × 60 mm reaches 40.9 °C; every check takes the 40 °C that '
                    . 'were stated. A larger box, or less heat in it, keeps it cooler.',
            proposes: ['Check everything with 41 °C'],
        );
    }
}

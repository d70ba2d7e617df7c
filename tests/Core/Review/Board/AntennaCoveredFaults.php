<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\PlaceParts;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\PlacedAt;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class AntennaCoveredFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'relay before the antenna' => Planted::in(
            'board.antenna',
            'U01',
            Severity::Weak,
            '',
            (new PlaceParts(['K11' => new PlacedAt(0.0, 60e-3), 'U01' => new PlacedAt(50e-3, 50e-3)])),
            (new PlaceParts(['K11' => new PlacedAt(0.0, 20e-3), 'U01' => new PlacedAt(50e-3, 50e-3)])),
            Starts::built(BuildForm::CarrierBoard),
            says: 'The antenna of U01 looks at K11.',
            proposes: ['Place all 19 parts anew'],
        );

        yield 'a metal box' => Planted::in(
            'board.antenna',
            'box',
            Severity::Weak,
            '',
            new StateBox(enclosure: BaseMaterial::Metal),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'The box is of metal: next to nothing of the radio comes out of it.',
            proposes: ['Use a flame-rated enclosure that needs a tool to open'],
        );
    }
}

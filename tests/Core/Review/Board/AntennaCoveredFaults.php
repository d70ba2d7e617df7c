<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class AntennaCoveredFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'relay before the antenna' => Planted::in(
            'board.antenna',
            'U01',
            Severity::Weak,
            '',
            Starts::moved('U01', 120.0, 60.0),
            new StateBuild(fixed: true),
            TestBoards::edited(Starts::built(BuildForm::CarrierBoard), Starts::moved('X31', 90.0, 70.0, 3)),
            says: 'The antenna of U01 looks at B51.',
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

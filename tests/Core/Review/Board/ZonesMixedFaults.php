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

final class ZonesMixedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'a fuse among buttons' => Planted::in(
            'board.zones-mixed',
            'board',
            Severity::Danger,
            '×0.8',
            Starts::moved('F01', 100.0, 120.0),
            new StateBuild(fixed: true),
            TestBoards::edited(Starts::built(BuildForm::CarrierBoard), Starts::moved('X41', 120.0, 134.0, 3)),
            says: 'Between mains at one and low voltage at the other, F01 and X41 leave 4 mm; 5 mm are needed here.',
            proposes: ['Place all 19 parts anew'],
        );

        yield 'nearer than was stated' => Planted::in(
            'board.zones-mixed',
            'board',
            Severity::Weak,
            '×0.813',
            Starts::moved('F01', 90.5, 134.0),
            new StateBuild(fixed: true),
            TestBoards::edited(Starts::built(BuildForm::CarrierBoard), Starts::moved('X41', 120.0, 134.0, 3)),
            says: 'Between mains at one and low voltage at the other, F01 and X41 leave 6.5 mm; you stated 8 mm.',
            proposes: ['Place all 19 parts anew'],
        );

        yield 'mains at a metal wall' => Planted::in(
            'board.zones-mixed',
            'wall',
            Severity::Danger,
            '×0',
            new StateBox(enclosure: BaseMaterial::Metal, enclosureEarthed: true),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'Mains at F01 lies 0 m from the metal wall; 8 mm are kept.',
            proposes: ['Place all 19 parts anew'],
        );

        yield 'no line between them' => Planted::in(
            'board.zones-mixed',
            'line',
            Severity::Weak,
            '',
            Starts::moved('F01', 205.0, 160.0),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'No straight line parts mains from low voltage: parts of one lie among parts of the other.',
            proposes: ['Place all 19 parts anew'],
        );
    }
}

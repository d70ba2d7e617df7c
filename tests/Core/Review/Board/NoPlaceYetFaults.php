<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\PlacePart;
use IronLatch\Core\Board\Edit\Build\PlaceParts;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class NoPlaceYetFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'nothing on the plan' => Planted::in(
            'board.no-place',
            'board',
            Severity::Weak,
            '',
            new PlaceParts([]),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'None of the 19 parts lies on the plan yet.',
            proposes: ['Place all 19 parts'],
        );

        yield 'one part off the plan' => Planted::in(
            'board.no-place',
            'board',
            Severity::Weak,
            '',
            new PlacePart('K11'),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'One part has no place on the plan yet: K11.',
            proposes: ['Place the rest where it fits, and leave what lies there', 'Place all 19 parts anew'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class HeaderRowsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'rows not measured' => Planted::in(
            'board.header-rows',
            'rows',
            Severity::Weak,
            '',
            new StateBuild(rowsMeasured: false),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'The distance of the controller’s header rows was not measured on the piece in hand.',
            proposes: ['Measure it, and say so'],
        );
    }
}

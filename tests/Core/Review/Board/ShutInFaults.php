<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class ShutInFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'a terminal turned inwards' => Planted::in(
            'board.shut-in',
            'X12',
            Severity::Weak,
            '',
            Starts::moved('X12', 0.0, 100.0, 1),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'The wires of X12 (Lamp) run into F01.',
            proposes: ['Place all 19 parts anew'],
        );
    }
}

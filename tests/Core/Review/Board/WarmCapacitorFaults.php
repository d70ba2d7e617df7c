<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class WarmCapacitorFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'reservoir beside the supply' => Planted::in(
            'board.warm-capacitor',
            'C13',
            Severity::Hint,
            '',
            Starts::moved('C13', 100.0, 140.0),
            new StateBuild(fixed: true),
            TestBoards::edited(
                Starts::built(
                    BuildForm::CarrierBoard,
                    board: TestBoards::edited(TestBoards::withLines(8), new StateReservoir('R1', 470e-6, 0.15)),
                ),
                Starts::moved('G11', 50.0, 140.0),
            ),
            says: 'C13 lies 4 mm from G11, which gives off 1.1 W.',
            proposes: ['Place all 52 parts anew'],
        );
    }
}

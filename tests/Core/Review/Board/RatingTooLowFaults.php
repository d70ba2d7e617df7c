<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class RatingTooLowFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'a quarter watt too little' => Planted::in(
            'board.rating',
            'R11',
            Severity::Weak,
            '×0.649',
            new SetDriverValue(['A1'], 'baseOhms', 30.0),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: '30 Ω (R11) may have to bear 385 mW; the usual part bears 250 mW.',
            proposes: ['Take parts of 500 mW'],
        );
    }
}

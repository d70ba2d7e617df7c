<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\PlaceParts;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\PlacedAt;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class OverCeilingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'dearer than it may be' => Planted::in(
            'board.over-ceiling',
            'money',
            Severity::Weak,
            '×0.34',
            new StateBuild(mostEuros: 20.0),
            new StateBuild(mostEuros: 200.0),
            Starts::built(BuildForm::CarrierBoard),
            says: 'The parts of one copy cost 58.89 €; it may cost 20.00 €.',
            proposes: ['Raise the limit'],
        );

        yield 'too many different parts' => Planted::in(
            'board.over-ceiling',
            'different',
            Severity::Weak,
            '×0.238',
            new StateBuild(mostDifferent: 5),
            new StateBuild(mostDifferent: 100),
            Starts::built(BuildForm::CarrierBoard),
            says: '21 different parts are bought; at most 5 may be.',
            proposes: ['Raise the limit'],
        );

        yield 'larger than it may be' => Planted::in(
            'board.over-ceiling',
            'size',
            Severity::Weak,
            '×0.5',
            new StateBuild(mostLengthMetres: 50e-3, mostWidthMetres: 50e-3),
            new StateBuild(mostLengthMetres: 100e-3, mostWidthMetres: 43e-3),
            (new PlaceParts(['K11' => new PlacedAt(0.0, 0.0), 'K21' => new PlacedAt(71e-3, 30e-3)]))->apply(
                Starts::built(BuildForm::CarrierBoard),
            ),
            says: 'The plan takes 100 mm × 42.7 mm; it may take 50 mm × 50 mm.',
            proposes: ['Raise the limit'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\ChooseEnclosure;
use IronLatch\Core\Board\Edit\Build\PlacePart;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class DoesNotFitBoxFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'controller too high' => Planted::in(
            'board.does-not-fit',
            'U01',
            Severity::Broken,
            '×0.996',
            new StateBox(heightMetres: 28e-3),
            new StateBox(heightMetres: 28.2e-3),
            Starts::built(BuildForm::CarrierBoard),
            says: 'U01 (ESP32 carrier, 38 pins) stands 28.1 mm high; inside, the box is 28 mm.',
            proposes: ['Take the box “Rail enclosure, 6 modules of 17.5 mm”, and place all anew'],
        );

        yield 'controller longer than the box' => Planted::in(
            'board.does-not-fit',
            'U01plan',
            Severity::Broken,
            '',
            new ChooseEnclosure(TestBoards::part('round-wall-60-61', Enclosure::class)),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::HandWired),
            says: 'U01 (ESP32 carrier, 38 pins) takes 70 mm × 28 mm with what stays free before it; it does not go into the box.',
            proposes: ['Take the box “Rail enclosure, 9 modules of 17.5 mm”, and place all anew'],
        );

        yield 'more than the bottom holds' => Planted::in(
            'board.does-not-fit',
            'plan',
            Severity::Broken,
            '×0.814',
            new ChooseEnclosure(TestBoards::part('square-wall-70-47', Enclosure::class)),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::HandWired),
            says: 'All parts together cover more than the bottom of the box.',
            proposes: ['Take the box “Rail enclosure, 9 modules of 17.5 mm”, and place all anew'],
        );

        yield 'relay out of the box' => Planted::in(
            'board.does-not-fit',
            'K11out',
            Severity::Weak,
            '',
            Starts::moved('K11', 225.0, 100.0),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'K11 (Lamp) reaches out of the box where it lies.',
            proposes: ['Place all 19 parts anew'],
        );

        yield 'relays upon one another' => Planted::in(
            'board.does-not-fit',
            'K11onK21',
            Severity::Weak,
            '',
            new PlacePart('K21', Starts::built(BuildForm::CarrierBoard)->build->places['K11']),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'K11 and K21 lie upon one another, or one in the room for the wires of the other.',
            proposes: ['Place all 19 parts anew'],
        );
    }
}

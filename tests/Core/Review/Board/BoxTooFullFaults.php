<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\ChooseEnclosure;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class BoxTooFullFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'a device box of 18 in³' => Planted::in(
            'board.box-fill',
            'box',
            Severity::Broken,
            '×0.856',
            new ChooseEnclosure(TestBoards::part('device-box-3-2-3-5', Enclosure::class)),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: '6 conductors, 2 earths and the parts themselves want 345 cm³; the box is marked with 295 cm³.',
            proposes: ['Take the box “Rail enclosure, 6 modules of 17.5 mm”, and place all anew'],
        );
    }
}

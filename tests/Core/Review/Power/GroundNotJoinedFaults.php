<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\StateGround;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class GroundNotJoinedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $ownRail = new AddRail('Coils', $supply('module-5v-5w'));
        yield 'coils on a source whose ground hangs by itself' => Planted::in(
            'power.ground-not-joined',
            'R2',
            Severity::Broken,
            '',
            Planted::both($ownRail, new FeedCoils(['A1'], 'R2'), new StateGround('R2', false)),
            Planted::both($ownRail, new FeedCoils(['A1'], 'R2'), new StateGround('R2', true)),
            says: 'The ground of the rail Coils is kept apart, but the driver of “Lamp” has no other way back to the controller.',
            proposes: ['Join its ground to the controller’s'],
        );
    }
}

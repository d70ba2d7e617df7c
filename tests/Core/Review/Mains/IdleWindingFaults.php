<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Board\Edit\Relays\StateReversal;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class IdleWindingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'contacts for 250 V on a blind' => Planted::in(
            'mains.idle-winding',
            'G1',
            Severity::Hint,
            '×0.699',
            new StateReversal('G1', motors: 1),
            new ChooseMains(TestBoards::part('mains-120', MainsSystem::class)),
            Starts::blind(),
            says: 'The open contact of “Lamp directions” sees up to 358 V, and is made for 250 V.',
            proposes: [],
        );
    }
}

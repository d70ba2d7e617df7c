<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class RelayInsulationFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $closed = TestBoards::closed();
        $asLive = new StateBox(touchable: false, socketReachable: false);
        $cube = new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class));
        yield 'plain cube beside a button' => Planted::in(
            'mains.relay-insulation',
            'A1',
            Severity::Danger,
            '',
            $cube,
            Planted::both($cube, $asLive),
            $closed,
            says: '“Lamp” is kept from the low-voltage side by Cube relay 5 V, 0.36 W, 10 A, whose insulation is basic, and that side '
                    . 'can be touched.',
            proposes: [
                'Fit Relay 5 V, 0.4 W, 16 A, stated reinforced',
                'Treat the low-voltage side as live, closed in behind a cover that needs a tool',
            ],
        );
    }
}

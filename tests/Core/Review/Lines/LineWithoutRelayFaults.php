<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Lines;

use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\RemoveRelay;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class LineWithoutRelayFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'line without a relay' => Planted::in(
            'lines.no-relay',
            'L1',
            Severity::Broken,
            '',
            new RemoveRelay('A1'),
            Planted::both(new RemoveRelay('A1'), new AddRelay('L1')),
            says: '“Lamp” has no relay, so nothing switches its appliance.',
            proposes: ['Add a relay on GPIO25 (printed 25)'],
        );
    }
}

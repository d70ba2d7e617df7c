<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\StateReversal;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class MotorsParalleledFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'two blinds on two relays' => Planted::in(
            'mains.motors-paralleled',
            'G1',
            Severity::Danger,
            '',
            new StateReversal('G1', motors: 2),
            new StateReversal('G1', motors: 1),
            Starts::blind(),
            says: '2 motors hang side by side on the relays of “Lamp directions”: one drives the other backwards.',
            proposes: ['Put one motor on these relays, and the others on lines of their own'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Relays\StateReversal;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class OtherWayFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'blind by a switch that says on and off' => Planted::in(
            'controls.other-way',
            'L1',
            Severity::Hint,
            '',
            new StateReversal('G1', motors: 1),
            new RemoveSurface('S1'),
            Starts::blind(),
            says: '“Lamp” runs both ways, and what operates it says on and off: nothing says which way, or asks for the other.',
        );
    }
}

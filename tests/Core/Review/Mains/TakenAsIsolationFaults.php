<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class TakenAsIsolationFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'lamp worked on while it is only switched off' => Planted::in(
            'mains.taken-as-isolation',
            'L1',
            Severity::Weak,
            '',
            new StateSafety(['L1'], offTakenAsIsolation: true),
            new StateSafety(['L1'], offTakenAsIsolation: false),
            says: '“Lamp” is worked on while only the board has switched it off: its contact may have welded.',
            proposes: ['Isolate it before anybody works on it'],
        );
    }
}

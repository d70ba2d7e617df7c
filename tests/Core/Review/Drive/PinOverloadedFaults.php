<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class PinOverloadedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield '47 Ω at the base' => Planted::in(
            'drive.pin-overloaded',
            'A1',
            Severity::Broken,
            '49.4 mA',
            new SetDriverValue(['A1'], 'baseOhms', 47.0),
            new SetDriverValue(['A1'], 'baseOhms', 270.0),
            says: 'The pin of “Lamp” carries up to 49.4 mA; plan 12 mA, and never more than 40 mA.',
            proposes: ['Fit 560 Ω at the base'],
        );

        yield '150 Ω at the base' => Planted::in(
            'drive.pin-overloaded',
            'A1',
            Severity::Weak,
            '18.1 mA',
            new SetDriverValue(['A1'], 'baseOhms', 150.0),
            new SetDriverValue(['A1'], 'baseOhms', 270.0),
            says: 'The pin of “Lamp” carries up to 18.1 mA; plan 12 mA, and never more than 40 mA.',
            proposes: ['Fit 560 Ω at the base'],
        );
    }
}

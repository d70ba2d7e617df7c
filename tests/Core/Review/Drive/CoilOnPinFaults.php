<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class CoilOnPinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $transistor = TestBoards::part('npn-2n2222', Transistor::class);
        yield 'coil straight on its pin' => Planted::in(
            'drive.coil-on-pin',
            'A1',
            Severity::Broken,
            '50 mA',
            new DriveDirectly(['A1']),
            new DriveByTransistor(['A1'], $transistor, 470.0),
            says: 'The coil of “Lamp” hangs straight on its pin and draws up to 50 mA; a pin should carry 12 mA.',
            proposes: ['Drive it by NPN 2N2222A class with 560 Ω'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class HotRestartFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'coil in hot air' => Planted::in(
            'drive.hot-restart',
            'A1',
            Severity::Weak,
            '×0.966',
            Planted::both(new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)), new StateAmbient(50.5)),
            new StateAmbient(45.0),
            says: 'After a long hold the coil of “Lamp” gets 4.55 V at the worst corner and wants 4.71 V to pull in again.',
            proposes: ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
        );

        yield 'coil behind a module in warm air' => Planted::in(
            'drive.hot-restart',
            'A1',
            Severity::Hint,
            '×0.969',
            Planted::both(new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)), new StateAmbient(49.5)),
            new StateAmbient(45.0),
            says: 'After a long hold the coil of “Lamp” gets 4.55 V at the worst corner and wants 4.69 V to pull in again.',
            proposes: ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
        );
    }
}

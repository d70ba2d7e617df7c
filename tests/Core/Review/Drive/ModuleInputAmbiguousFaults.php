<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ModuleInputAmbiguousFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $bareModule = TestBoards::part('opto-module-low-bare', OptoModule::class);
        yield 'module without an LED in series' => Planted::in(
            'drive.module-ambiguous',
            'A1',
            Severity::Weak,
            '×0.108',
            new DriveByModule(['A1'], $bareModule),
            new DriveByModule(['A1'], $module),
            says: 'The module of “Lamp” may stay on: 925 µA flow with its pin off at the worst corner, and it lets go for certain up '
                    . 'to 100 µA.',
            proposes: ['Use Opto relay module 5 V, active low'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\SetModuleJumpers;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ActiveLevelFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        yield 'active low on a transistor' => Planted::in(
            'drive.active-level',
            'A1',
            Severity::Broken,
            '',
            new StateActiveLevel(['A1'], Level::Low),
            new StateActiveLevel(['A1'], Level::High),
            says: '“Lamp” is stated active low, but its driver switches on at high: it would be on when it should be off.',
            proposes: ['State active high, and let the program say so'],
        );

        yield 'active high on a module' => Planted::in(
            'drive.active-level',
            'A1',
            Severity::Broken,
            '',
            Planted::both(new DriveByModule(['A1'], $module), new StateActiveLevel(['A1'], Level::High)),
            new DriveByModule(['A1'], $module),
            says: '“Lamp” is stated active high, but its driver switches on at low: it would be on when it should be off.',
            proposes: ['State active low, and let the program say so'],
        );

        $jumper = new DriveByModule(['A1'], TestBoards::part('opto-module-jumper', OptoModule::class));
        yield 'cap set the other way than the program' => Planted::in(
            'drive.active-level',
            'A1',
            Severity::Broken,
            '',
            Planted::both($jumper, new SetModuleJumpers(['A1'], Level::Low), new StateActiveLevel(['A1'], Level::High)),
            Planted::both($jumper, new SetModuleJumpers(['A1'], Level::High), new StateActiveLevel(['A1'], Level::High)),
            says: '“Lamp” is stated active high, but its driver switches on at low: it would be on when it should be off.',
            proposes: ['State active low, and let the program say so', 'Set the cap of its channel to high'],
        );
    }
}

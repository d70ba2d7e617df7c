<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ExpanderSourcesFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $eight = TestBoards::part('pcf8574', Expander::class);
        yield 'transistor on a quasi-bidirectional output' => Planted::in(
            'pins.expander-sources',
            'A1',
            Severity::Broken,
            '66 µA',
            Planted::both(new FitExpander($eight), new SeatFunction('F1', 'X1.P0')),
            Planted::both(new FitExpander($eight), new DriveByModule(['A1'], $module), new SeatFunction('F1', 'X1.P0')),
            says: 'The relay of “Lamp” wants a high level from X1.P0, which gives about 66 µA.',
            proposes: [
                'Drive it by Opto relay module 5 V, active low',
                'Drive it by Opto relay module 5 V, trigger jumper',
                'Seat it on GPIO25 (printed 25)',
            ],
        );
    }
}

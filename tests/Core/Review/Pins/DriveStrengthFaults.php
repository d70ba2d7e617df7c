<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\StateDriveStrength;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class DriveStrengthFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $pico = TestBoards::edited(
            TestBoards::bare('rp2040-carrier-40', 'rp2040'),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            new SeatFunction('F1', 'GPIO2'),
        );
        yield 'base current above the strength after reset' => Planted::in(
            'pins.drive-strength',
            'A1',
            Severity::Weak,
            '×0.695',
            new StateDriveStrength(false),
            new StateDriveStrength(true),
            $pico,
            says: 'The program leaves the drive strength as it is: the pin of “Lamp” gives up to 5.76 mA, and after reset it is set to '
                    . '4 mA.',
            proposes: ['Have the program raise the drive strength'],
        );
    }
}

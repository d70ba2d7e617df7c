<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class CoilVoltageFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $sound = TestBoards::sound();
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $transistor = TestBoards::part('npn-2n2222', Transistor::class);
        $relay12 = TestBoards::part('reinforced-12v', Relay::class);
        $on12Volts = TestBoards::edited(
            $sound,
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseRelay(['A1'], $relay12),
            new FeedCoils(['A1'], 'R2'),
        );
        yield '12 V coil on 5 V' => Planted::in(
            'drive.coil-voltage',
            'A1',
            Severity::Broken,
            '×0.417',
            new ChooseRelay(['A1'], $relay12),
            Planted::both(
                new ChooseRelay(['A1'], $relay12),
                new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
                new FeedCoils(['A1'], 'R2'),
            ),
            says: 'The relay of “Lamp” has a 12 V coil; its rail 5 V carries 5 V.',
            proposes: ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        $highRail = new ChooseSupply(
            'R2',
            Copy::of(
                TestBoards::part('module-12v-10w', Supply::class),
                [
                    'identity' => new PartIdentity('module-13v', 1, 'Module set high', Basis::CommonPractice, 'for a test'),
                    'output' => new Spread(12.8, 13.0, 13.5),
                ],
            ),
        );
        yield 'coil on a rail at its upper end in warm air' => Planted::in(
            'drive.coil-voltage',
            'A1',
            Severity::Weak,
            '×0.998',
            Planted::both($highRail, new StateAmbient(65.0)),
            Planted::both($highRail, new StateAmbient(60.0)),
            $on12Volts,
            says: 'The coil of “Lamp” may get 13.5 V and bears 13.4 V for good in air of 65 °C. Lower the rail, cool the box, or '
                    . 'choose a relay whose coil bears more.',
            proposes: [],
        );

        $tender = static fn(float $ratio): Edit => new ChooseRelay(
            ['A1'],
            Copy::of(
                TestBoards::part('reinforced-12v', Relay::class),
                [
                    'identity' => new PartIdentity('relay-tender', 1, 'Relay with a tender coil', Basis::CommonPractice, 'for a test'),
                    'greatestRatio' => $ratio,
                ],
            ),
        );
        yield 'coil that bears less than its rail' => Planted::in(
            'drive.coil-voltage',
            'A1',
            Severity::Broken,
            '×0.936',
            Planted::both($highRail, $tender(1.05)),
            Planted::both($highRail, $tender(1.3)),
            $on12Volts,
            says: 'The coil of “Lamp” may get 13.5 V and bears 12.6 V for good in air of 40 °C. Lower the rail, cool the box, or '
                    . 'choose a relay whose coil bears more.',
            proposes: ['Fit Relay 12 V, 0.4 W, 16 A, stated reinforced'],
        );

        yield '5 V module on 12 V' => Planted::in(
            'drive.coil-voltage',
            'A1',
            Severity::Broken,
            '×2.4',
            new DriveByModule(['A1'], $module),
            new DriveByTransistor(['A1'], $transistor, 470.0),
            $on12Volts,
            says: 'The module of “Lamp” is made for 5 V; its rail 12 V carries 12 V.',
            proposes: ['Feed it from the rail 5 V with Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );
    }
}

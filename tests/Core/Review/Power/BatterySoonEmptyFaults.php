<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\StateHours;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class BatterySoonEmptyFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        yield 'coil on a block battery' => Planted::in(
            'power.battery-soon-empty',
            'R2',
            Severity::Broken,
            '3.5 h',
            Planted::both(new AddRail('Battery', $supply('battery-9v')), new FeedCoils(['A1'], 'R2')),
            Planted::both(new AddRail('Adapter', $supply('adapter-9v-1a')), new FeedCoils(['A1'], 'R2')),
            says: 'The coils of the rail Battery hang on a block battery: with all on it is empty after 3.5 h.',
            proposes: ['Feed Battery from Adapter 9 V, 1 A, centre negative'],
        );

        $valve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('Battery', $supply('battery-12v-7ah')),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L3', 'R2'),
            new SeatFunction('F6', '21'),
        );
        yield 'valve on a battery' => Planted::in(
            'power.battery-soon-empty',
            'R2',
            Severity::Hint,
            '112 h',
            new StateHours(['L3'], 3.0),
            new StateHours(['L3'], 1.0),
            $valve,
            says: 'Lead battery 12 V, 7 Ah lasts 112 h on the rail Battery.',
            proposes: ['Feed Battery from Mains module 12 V, 10 W'],
        );
    }
}

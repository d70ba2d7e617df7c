<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class BesideLowVoltageFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $nothing = new StateBox(oneCircuit: true);
        $valve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L3', 'R2'),
            new SeatFunction('F6', '21'),
        );
        yield 'valve among mains contacts' => Planted::in(
            'mains.beside-low-voltage',
            'L3',
            Severity::Danger,
            '',
            new StateBox(lowContactsApart: false),
            $nothing,
            $valve,
            says: 'The contact and wiring of “Valve” lie beside mains without the distance that the rest keeps.',
            proposes: ['Keep the same distance'],
        );
    }
}

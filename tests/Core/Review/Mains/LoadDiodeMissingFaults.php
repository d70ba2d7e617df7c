<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class LoadDiodeMissingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $valve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L3', 'R2'),
            new SeatFunction('F6', '21'),
        );
        $valveDiode = static fn(bool $fitted): Edit => new StateSafety(['L3'], loadDiode: $fitted);
        yield 'valve behind a contact without its diode' => Planted::in(
            'mains.no-load-diode',
            'L3',
            Severity::Broken,
            '',
            $valveDiode(false),
            $valveDiode(true),
            $valve,
            says: '“Valve” is a coil on direct current behind a contact, and nothing takes over its current when the contact opens.',
            proposes: ['Fit a diode across the appliance, its cathode to the positive side'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class OneBundleFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'one bundle for both sides' => Planted::in(
            'mains.one-bundle',
            'board',
            Severity::Danger,
            '',
            new StateWiring(bundlesApart: false),
            new StateWiring(bundlesApart: true),
            says: 'Mains wires and low-voltage wires run in one bundle.',
            proposes: ['Tie them in bundles of their own'],
        );
        yield 'one bundle, where the bus in place of the mains may be touched' => Planted::in(
            'mains.one-bundle',
            'board',
            Severity::Danger,
            '',
            new StateWiring(bundlesApart: false),
            Planted::both(new ChooseMains(TestBoards::part('dc-12', MainsSystem::class)), new StateWiring(bundlesApart: false)),
            says: 'Mains wires and low-voltage wires run in one bundle.',
            proposes: ['Tie them in bundles of their own'],
        );
        yield 'one bundle with the mains of a supply in the box' => Planted::in(
            'mains.one-bundle',
            'board',
            Severity::Danger,
            '',
            new StateWiring(bundlesApart: false),
            Planted::both(new ChooseSupply('R1', TestBoards::part('adapter-5v-2a', Supply::class)), new StateWiring(bundlesApart: false)),
            TestBoards::edited(TestBoards::bare(), new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class))),
            says: 'Mains wires and low-voltage wires run in one bundle.',
            proposes: ['Tie them in bundles of their own'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class WireTooThinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'thin wires behind a fuse of 2 A' => Planted::in(
            'power.wire-too-thin',
            'R1',
            Severity::Weak,
            '×0.5',
            Planted::both(
                new ProtectRail('R1', TestBoards::part('fuse-2a', Protection::class)),
                new StateWiring(lowSquareMetres: 0.25e-6),
            ),
            Planted::both(
                new ProtectRail('R1', TestBoards::part('fuse-1a', Protection::class)),
                new StateWiring(lowSquareMetres: 0.25e-6),
            ),
            says: 'The wires that feed the rail 5 V stand behind a fuse of 2 A, but have 0.25 mm², which bears 1 A.',
            proposes: ['Take wires of 0.5 mm²'],
        );
        yield 'thin wires for eight relays' => Planted::in(
            'power.wire-too-thin',
            'R1',
            Severity::Weak,
            '×0.778',
            new StateWiring(lowSquareMetres: 0.14e-6),
            new StateWiring(lowSquareMetres: 0.5e-6),
            TestBoards::withLines(12),
            'The wires that feed the rail 5 V carry 1.29 A, but have 0.14 mm², which bears 1 A.',
            ['Take wires of 0.5 mm²'],
        );
    }
}

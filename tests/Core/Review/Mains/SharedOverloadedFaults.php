<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateTrack;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class SharedOverloadedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'airer of 1500 W on a 6 A lead' => Planted::in(
            'mains.shared-overloaded',
            'lead',
            Severity::Danger,
            '×0.898',
            Planted::both(new StateLoad('L2', 1500.0), Starts::fuse('fuse-ceramic-10'), new StateBox(leadSquareMetres: 0.75e-6)),
            Planted::both(new StateLoad('L2', 1500.0), Starts::fuse('fuse-ceramic-10')),
            says: 'The lead carries 6.68 A and bears 6 A (0.75 mm²).',
            proposes: ['Use a lead of 1 mm²'],
        );

        $six = TestBoards::edited(
            TestBoards::withLines(6),
            ...[
                ...TestBoards::mainsFacts(),
                ...array_map(
                    static fn(int $line): Edit => new ChooseAppliance('L' . $line, TestBoards::part('heated-airer', Appliance::class)),
                    range(1, 6),
                ),
            ],
        );
        yield 'six airers behind a 6 A lead' => Planted::in(
            'mains.shared-overloaded',
            'lead',
            Severity::Danger,
            '×0.75',
            Planted::both(...[
                ...array_map(static fn(int $line): Edit => new StateLoad('L' . $line, 306.67), range(1, 6)),
                new StateBox(leadSquareMetres: 0.75e-6),
            ]),
            new StateBox(leadSquareMetres: 1.0e-6),
            $six,
            says: 'The lead carries 8 A and bears 6 A (0.75 mm²).',
            proposes: ['Use a lead of 1 mm²'],
        );

        $two = static fn(int $atOnce): Edit => Planted::both(...[
            ...array_map(static fn(int $line): Edit => new StateLoad('L' . $line, 690.0), range(1, 6)),
            Starts::fuse('fuse-ceramic-10'),
            new StateBox(leadSquareMetres: 1.0e-6, innerSquareMetres: 2.5e-6, atOnce: $atOnce),
        ]);
        yield 'airer of 900 W on a wire of 0.5 mm²' => Planted::in(
            'mains.shared-overloaded',
            'branch',
            Severity::Danger,
            '×0.664',
            Planted::both(new StateLoad('L2', 900.0), new StateBox(branchSquareMetres: 0.5e-6)),
            Planted::both(new StateLoad('L2', 900.0), new StateBox(branchSquareMetres: 0.75e-6)),
            says: 'The thinnest wire of one line carries 3.91 A and bears 2.6 A (0.5 mm², k = 0.87 in air of 40 °C).',
            proposes: ['Use 0.75 mm² for the wires of each line'],
        );

        yield 'six airers fed through one track' => Planted::in(
            'mains.shared-overloaded',
            'track',
            Severity::Danger,
            '×0.705',
            Planted::both(
                $two(6),
                new StateTrack(10e-3, carriesAll: true),
                new StateBox(inletAmps: 20.0, leadSquareMetres: 2.5e-6, terminalAmps: 20.0),
            ),
            Planted::both(
                $two(6),
                new StateTrack(10e-3, carriesAll: false),
                new StateBox(inletAmps: 20.0, leadSquareMetres: 2.5e-6, terminalAmps: 20.0),
            ),
            $six,
            says: 'The narrowest track carries 18 A and bears 12.7 A (k = 0.048, outside, ΔT = 10 K, 10 mm wide, 35 µm of copper).',
            proposes: ['Run wires in place of tracks'],
        );

        yield 'six airers that only the program keeps under 10 A' => Planted::in(
            'mains.shared-overloaded',
            'lead',
            Severity::Weak,
            '×0.556',
            $two(3),
            Planted::both($two(3), new StateBox(inletAmps: 20.0, leadSquareMetres: 2.5e-6, terminalAmps: 20.0)),
            $six,
            says: 'The lead carries 18 A and bears 10 A (1 mm²). The program promises no more than 9 A, and the fuse blows when it fails.',
            proposes: ['Use a lead of 2.5 mm²'],
        );

        yield 'six airers of which the program runs too many' => Planted::in(
            'mains.shared-overloaded',
            'lead',
            Severity::Danger,
            '×0.556',
            $two(4),
            Planted::both($two(3), new StateBox(inletAmps: 20.0, leadSquareMetres: 2.5e-6, terminalAmps: 20.0)),
            $six,
            says: 'The lead carries 18 A and bears 10 A (1 mm²).',
            proposes: ['Use a lead of 2.5 mm²'],
        );

        yield 'wires in air of 60 °C' => Planted::in(
            'mains.shared-overloaded',
            'inner',
            Severity::Danger,
            '×0.749',
            Planted::both(
                new StateLoad('L2', 1500.0),
                Starts::fuse('fuse-ceramic-10'),
                new StateAmbient(60.0),
                new StateBox(innerSquareMetres: 1.0e-6),
            ),
            Planted::both(
                new StateLoad('L2', 1500.0),
                Starts::fuse('fuse-ceramic-10'),
                new StateAmbient(30.0),
                new StateBox(innerSquareMetres: 1.0e-6),
            ),
            says: 'The wiring inside carries 6.68 A and bears 5 A (1 mm², k = 0.50 in air of 60 °C).',
            proposes: ['Use wires of 1.5 mm² inside'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\StateCapacitors;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class CapacitorMissingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $converter = static fn(string $id): Converter => TestBoards::part($id, Converter::class);
        $twelve = TestBoards::edited(TestBoards::sound(), new AddRail('12 V', $supply('module-12v-10w')));
        yield 'low-drop regulator without capacitors' => Planted::in(
            'power.capacitor-missing',
            'R2',
            Severity::Broken,
            '',
            Planted::both(new AddConvertedRail('Logic', $converter('ldo-1117-3v3'), 'R1'), new StateCapacitors('R2', false)),
            Planted::both(new AddConvertedRail('Logic', $converter('ldo-1117-3v3'), 'R1'), new StateCapacitors('R2', true)),
            says: '1117 for 3.3 V in SOT-223, which feeds Logic, wants 10 µF at its input and 10 µF at its output and has none.',
            proposes: ['Fit its capacitors'],
        );

        yield '7805 without capacitors' => Planted::in(
            'power.capacitor-missing',
            'R3',
            Severity::Weak,
            '',
            Planted::both(new AddConvertedRail('Logic', $converter('reg-7805'), 'R2'), new StateCapacitors('R3', false)),
            Planted::both(new AddConvertedRail('Logic', $converter('reg-7805'), 'R2'), new StateCapacitors('R3', true)),
            $twelve,
            says: '7805 in TO-220, which feeds Logic, wants 330 nF at its input and 100 nF at its output and has none.',
            proposes: ['Fit its capacitors'],
        );
    }
}

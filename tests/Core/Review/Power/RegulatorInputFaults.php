<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class RegulatorInputFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $converter = static fn(string $id): Converter => TestBoards::part($id, Converter::class);
        $protect = static fn(string $rail, string $id): Edit => new ProtectRail($rail, TestBoards::part($id, Protection::class));
        $twelve = TestBoards::edited(TestBoards::sound(), new AddRail('12 V', $supply('module-12v-10w')));
        yield '7805 on 5 V' => Planted::in(
            'power.regulator-input',
            'R3',
            Severity::Broken,
            '×0.746',
            new AddConvertedRail('Logic', $converter('reg-7805'), 'R1'),
            new AddConvertedRail('Logic', $converter('reg-7805'), 'R2'),
            $twelve,
            says: '7805 in TO-220, which feeds Logic, gets 5 V while all relays pull in and needs 6.7 V.',
            proposes: ['Feed Logic from Step-down board to 5 V, 2 A on 12 V'],
        );

        yield 'regulator for 6 V on 12 V' => Planted::in(
            'power.regulator-input',
            'R3',
            Severity::Broken,
            '12.2 V',
            new AddConvertedRail('Logic', $converter('ldo-600ma-3v3'), 'R2'),
            new AddConvertedRail('Logic', $converter('ldo-600ma-3v3'), 'R1'),
            $twelve,
            says: 'Low-drop regulator for 3.3 V, 600 mA, which feeds Logic, gets up to 12.2 V and bears 6 V.',
            proposes: ['Feed Logic from Step-down board to 3.3 V, 1.5 A on 5 V'],
        );

        $charger = TestBoards::edited(TestBoards::sound(), new AddRail('USB', $supply('charger-5v-1a')));
        yield 'regulator behind a diode' => Planted::in(
            'power.regulator-input',
            'R3',
            Severity::Weak,
            '×0.988',
            Planted::both($protect('R2', 'schottky-3a'), new AddConvertedRail('Logic', $converter('ldo-1117-3v3'), 'R2')),
            new AddConvertedRail('Logic', $converter('ldo-1117-3v3'), 'R2'),
            $charger,
            says: '1117 for 3.3 V in SOT-223, which feeds Logic, gets 4.25 V at its lowest and needs 4.3 V.',
            proposes: ['Feed Logic from Step-down board to 3.3 V, 1.5 A on 5 V'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseEntry;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\ConvertRail;
use IronLatch\Core\Board\Edit\Power\FitHeatSink;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class RegulatorTooHotFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $converter = static fn(string $id): Converter => TestBoards::part($id, Converter::class);
        $twelve = TestBoards::edited(TestBoards::sound(), new AddRail('12 V', $supply('module-12v-10w')));
        yield 'coils behind a 7805 on 12 V' => Planted::in(
            'power.regulator-too-hot',
            'R1',
            Severity::Broken,
            '×0.661',
            new ConvertRail('R1', $converter('reg-7805'), 'R2'),
            new ConvertRail('R1', $converter('buck-5v-2a'), 'R2'),
            $twelve,
            says: '7805 in TO-220, which feeds 5 V, burns 2.47 W and reaches 201 °C; it bears 125 °C.',
            proposes: ['Fit a heat sink of 24 K/W', 'Feed 5 V from Step-down board to 5 V, 2 A on 12 V'],
        );

        yield 'one coil behind a 7805 on 12 V' => Planted::in(
            'power.regulator-too-hot',
            'R1',
            Severity::Weak,
            '×0.887',
            Planted::both(new RemoveLine('L2'), new StateAmbient(25.0), new ConvertRail('R1', $converter('reg-7805'), 'R2')),
            Planted::both(
                new RemoveLine('L2'),
                new StateAmbient(25.0),
                new ConvertRail('R1', $converter('reg-7805'), 'R2'),
                new FitHeatSink('R1', 24.0),
            ),
            $twelve,
            says: '7805 in TO-220, which feeds 5 V, burns 1.73 W and reaches 138 °C at its greatest load; it bears 125 °C.',
            proposes: ['Fit a heat sink of 24 K/W', 'Feed 5 V from Step-down board to 5 V, 2 A on 12 V'],
        );

        $avr = TestBoards::edited(
            TestBoards::bare('atmega328p-carrier-30', 'atmega328p'),
            new ChooseSupply('R1', $supply('adapter-9v-1a')),
            new ChooseEntry('VIN'),
        );
        yield 'display on a carrier that is fed 12 V' => Planted::in(
            'power.regulator-too-hot',
            'board',
            Severity::Weak,
            '×0.93',
            Starts::device('character-display'),
            Starts::device('small-display'),
            $avr,
            says: 'The regulator of the carrier burns 831 mW and reaches 131 °C at its greatest load; it bears 125 °C.',
            proposes: ['Feed the carrier through Step-down board to 5 V, 2 A at 5V'],
        );
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class CurrentSumFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $nine = TestBoards::bare('atmega328p-carrier-30', 'atmega328p');
        for ($line = 1; $line <= 9; ++$line) {
            $nine = TestBoards::edited(
                $nine,
                new AddLine('Lamp ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                new SetDriverValue(['A' . $line], 'baseOhms', 220.0),
            );
        }
        $on = static fn(string ...$pins): Edit => Planted::both(...array_map(
            static fn(int $place): Edit => new SeatFunction('F' . ($place + 1), $pins[$place]),
            range(0, count($pins) - 1),
        ));
        // Two ports share one path to supply: 150 mA for C0 to C5 and D0 to D4 together, 200 mA for the chip.
        yield 'nine outputs of two ports that share a supply' => Planted::in(
            'pins.current-sum',
            'board',
            Severity::Broken,
            '×0.979',
            $on('A0', 'A1', 'A2', 'A3', 'A4', 'A5', 'D2', 'D3', 'D4'),
            $on('A0', 'A1', 'A2', 'A3', 'A4', 'A5', 'D5', 'D6', 'D7'),
            $nine,
            says: 'With all outputs on, what C0 to C5 and D0 to D4 give together carry 153 mA; the limit is 150 mA.',
            proposes: [
                'Fit the largest base resistors that suffice',
                'Drive them by Opto relay module 5 V, active low',
                'Drive them by Opto relay module 5 V, trigger jumper',
            ],
        );

        $wired = static function (int $count): Edit {
            $edits = [];
            foreach (range(1, $count) as $line) {
                array_push(
                    $edits,
                    new AddLine('Line ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                    new SeatFunction('F' . $line, 'GP' . ($line + 1)),
                );
            }

            return new Sequence('wired', $edits);
        };
        $bare = TestBoards::bare('rp2040-carrier-40', 'rp2040');
        yield 'twelve base currents from one RP2040' => Planted::in(
            'pins.current-sum',
            'board',
            Severity::Broken,
            '×0.904',
            $wired(12),
            $wired(8),
            $bare,
            says: 'With all outputs on, all pins of the RP2040 together carry 55.3 mA; the limit is 50 mA.',
            proposes: ['Drive them by Opto relay module 5 V, active low', 'Drive them by Opto relay module 5 V, trigger jumper'],
        );

        yield 'ten base currents from one RP2040' => Planted::in(
            'pins.current-sum',
            'board',
            Severity::Weak,
            '×0.869',
            $wired(10),
            $wired(8),
            $bare,
            says: 'With all outputs on, all pins of the RP2040 together carry 57.6 mA at most; the limit is 50 mA.',
            proposes: ['Drive them by Opto relay module 5 V, active low', 'Drive them by Opto relay module 5 V, trigger jumper'],
        );
    }
}

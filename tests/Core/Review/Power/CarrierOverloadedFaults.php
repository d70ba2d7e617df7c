<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddCarrierRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class CarrierOverloadedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $radio = TestBoards::bare('rp2040-carrier-40-radio', 'rp2040-radio');
        for ($line = 1; $line <= 7; ++$line) {
            $radio = TestBoards::edited(
                $radio,
                new AddLine('Lamp ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                new SeatFunction('F' . $line, 'GPIO' . (1 + $line)),
            );
        }
        $radio = TestBoards::edited($radio, new AddCarrierRail('3.3 V'));
        $coils = static fn(int $count): Edit => new FeedCoils(array_map(static fn(int $one): string => 'A' . $one, range(1, $count)), 'R2');
        yield 'seven coils at the pin of a radio carrier' => Planted::in(
            'power.carrier-overloaded',
            'R2',
            Severity::Broken,
            '×0.822',
            $coils(7),
            $coils(4),
            $radio,
            says: '365 mA runs through the carrier’s pin 3V3 to loads outside, which bears 300 mA.',
            proposes: ['Feed 3.3 V from Step-down board to 3.3 V, 1.5 A on 5 V'],
        );

        yield 'eight coils through the socket' => Planted::in(
            'power.carrier-overloaded',
            'R1',
            Severity::Broken,
            '×0.563',
            new ChooseSupply('R1', $supply('charger-5v-2a'), true),
            new ChooseSupply('R1', $supply('charger-5v-2a')),
            TestBoards::withLines(8),
            says: '888 mA runs through the carrier’s USB socket, which bears 500 mA.',
            proposes: ['Feed 5 V from Mains module 5 V, 10 W'],
        );

        yield 'three coils through the socket' => Planted::in(
            'power.carrier-overloaded',
            'R1',
            Severity::Weak,
            '×0.715',
            new ChooseSupply('R1', $supply('charger-5v-2a'), true),
            new ChooseSupply('R1', $supply('charger-5v-2a')),
            TestBoards::withLines(3),
            says: '699 mA runs through the carrier’s USB socket, which bears 500 mA.',
            proposes: ['Feed 5 V from Mains module 5 V, 5 W'],
        );
    }
}

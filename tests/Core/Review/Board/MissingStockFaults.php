<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\Edit\Build\ChooseAssembler;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class MissingStockFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'resistor not in stock' => Planted::in(
            'board.missing-stock',
            'R11',
            Severity::Weak,
            '',
            new ChooseAssembler(self::terms('npn-2n2222', '10 kΩ', 'clamp diode')),
            new ChooseAssembler(
                self::terms('npn-2n2222', '10 kΩ', '1 kΩ', '470 Ω', 'clamp diode', 'esp32-module', 'capacitor of the reset 1 µF', '10 kΩ'),
            ),
            Starts::assembled(),
            says: '“470 Ω” (R11) is not on the stock list of “Economic tier: one side, from stock”.',
            proposes: ['Have it made: Full tier: both sides, parts bought in'],
        );
    }

    private static function terms(string ...$stock): Assembler
    {
        return Copy::of(TestBoards::part('assembler-one-side', Assembler::class), ['stock' => array_values($stock)]);
    }
}

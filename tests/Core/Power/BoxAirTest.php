<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\StateBox;
use IronLatch\Core\Board\Edit\StateLoad;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Power\WarmBox;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class BoxAirTest extends TestCase
{
    /** By hand: 160 × 120 mm and 2 · 75 mm · 280 mm make 612 cm²; at 5.5 W/m²K each watt warms the air by 2.97 K. */
    public function testTheAirIsReckonedFromHeatAndSize(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new StateBox(lengthMetres: 0.16, widthMetres: 0.12, heightMetres: 0.075));
        $inspection = self::inspection($board);
        $contacts = 0.0;
        foreach ($inspection->mains->contacts as $load) {
            $contacts += 15e-3 * $load->amps->value ** 2;
        }
        self::assertEqualsWithDelta(25 + 2.971 * ($inspection->power->heat->watts() + $contacts), WarmBox::air($inspection)?->value, 0.01);
    }

    /** By hand: 2000 W at 230 V are 8.7 A; 15 mΩ make 1.13 W of them, where 200 W make 11 mW. */
    public function testTheContactsOfAGreatLoadWarmTheBox(): void
    {
        $air = static fn(float $watts): float => WarmBox::air(self::inspection(TestBoards::edited(TestBoards::sound(), new StateBox(lengthMetres: 0.16, widthMetres: 0.12, heightMetres: 0.075), new StateLoad('L2', $watts))))->value ?? 0.0;
        self::assertEqualsWithDelta(2.971 * 15e-3 * ((2000 / 230) ** 2 - (200 / 230) ** 2), $air(2000.0) - $air(200.0), 0.01);
    }

    private static function inspection(Board $board): Inspection
    {
        return new Inspection($board, TestBoards::catalogue());
    }

    public function testAnUnknownSizeHasNoFigure(): void
    {
        self::assertNull(WarmBox::air(self::inspection(TestBoards::edited(TestBoards::sound(), new StateBox(lengthMetres: 0.16, widthMetres: 0.12)))));
    }
}

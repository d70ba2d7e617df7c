<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Catalogue\BoxKind;
use IronLatch\Core\Review\Inspection;
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
        self::assertEqualsWithDelta(25 + 2.971 * ($inspection->power->heat->watts() + $contacts), $inspection->boxAir?->value, 0.01);
    }

    /** By hand: 2000 W at 230 V are 8.7 A; 15 mΩ make 1.13 W of them, where 200 W make 11 mW. */
    public function testTheContactsOfAGreatLoadWarmTheBox(): void
    {
        $air = static fn(float $watts): float => self::inspection(TestBoards::edited(
            TestBoards::sound(),
            new StateBox(lengthMetres: 0.16, widthMetres: 0.12, heightMetres: 0.075),
            new StateLoad('L2', $watts),
        ))->boxAir->value ?? 0.0;
        self::assertEqualsWithDelta(2.971 * 15e-3 * ((2000 / 230) ** 2 - (200 / 230) ** 2), $air(2000.0) - $air(200.0), 0.01);
    }

    /**
     * By hand: 100 × 80 mm and 2 · 60 mm · 180 mm make 296 cm²; a box let into a wall counts 80 + 0.5 · 296 = 228 cm², one with
     * slots 592 cm².
     */
    public function testTheKindOfBoxDecidesWhatItGivesOff(): void
    {
        self::assertEqualsWithDelta(5.5 * 0.0296, BoxKind::Closed->wattsPerKelvin(0.10, 0.08, 0.06), 1e-9);
        self::assertEqualsWithDelta(5.5 * 0.0228, BoxKind::LetIn->wattsPerKelvin(0.10, 0.08, 0.06), 1e-9);
        self::assertEqualsWithDelta(5.5 * 0.0592, BoxKind::Slotted->wattsPerKelvin(0.10, 0.08, 0.06), 1e-9);
    }

    /** What nobody has stated is taken from the heat and the box where that is warmer than usual, and never stored. */
    public function testEveryCheckTakesTheAirThatIsReckoned(): void
    {
        $small = TestBoards::edited(
            TestBoards::sound(),
            new StateBox(lengthMetres: 0.06, widthMetres: 0.06, heightMetres: 0.05, kind: BoxKind::LetIn),
        );
        $inspection = self::inspection($small);
        $air = $inspection->boxAir->value ?? 0.0;
        self::assertGreaterThan(40.0, $air);
        self::assertSame(ceil($air), $inspection->board->ambientCelsius());
        self::assertSame(ceil($air), self::inspection($inspection->board)->board->ambientCelsius(), 'Reckoned again it is the same.');
        self::assertSame(40.0, $small->ambientCelsius());
        self::assertNull(TestBoards::inspect($small)->finding('power.warm-box:box'));

        $larger = new StateBox(lengthMetres: 0.30, widthMetres: 0.20, heightMetres: 0.10, kind: BoxKind::Slotted);
        self::assertSame(
            40.0,
            self::inspection(TestBoards::edited($inspection->board, $larger))->board->ambientCelsius(),
            'In a larger box the usual air is taken again.',
        );
        self::assertSame(
            30.0,
            self::inspection(TestBoards::edited($small, new StateAmbient(30.0)))->board->ambientCelsius(),
            'What is stated stands, and is judged by itself.',
        );
        self::assertNotNull(TestBoards::inspect(TestBoards::edited($small, new StateAmbient(30.0)))->finding('power.warm-box:box'));
    }

    private static function inspection(Board $board): Inspection
    {
        return new Inspection($board, TestBoards::catalogue());
    }

    public function testAnUnknownSizeHasNoFigure(): void
    {
        self::assertNull(self::inspection(TestBoards::edited(
            TestBoards::sound(),
            new StateBox(lengthMetres: 0.16, widthMetres: 0.12),
        ))->boxAir);
    }
}

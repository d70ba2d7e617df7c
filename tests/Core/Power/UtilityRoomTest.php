<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Power;

use IronLatch\Catalogue\FileCatalogue;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\LatchState;
use IronLatch\Core\Review\Stage;
use IronLatch\Demo\DemoBoards;
use PHPUnit\Framework\TestCase;

/** The margins of the demo’s sound board, worked out by hand from its parts: nothing here is asked of the core but the answer. */
final class UtilityRoomTest extends TestCase
{
    public function testItsPowerLatchIsShutWithTheMarginsOfAHandCalculation(): void
    {
        $board = (new DemoBoards(FileCatalogue::load(dirname(__DIR__, 3) . '/catalogue')))->utilityRoom();
        $inspection = new Inspection($board);
        self::assertSame(LatchState::Shut, Inspector::withRuleBook()->inspect($inspection)->stages[Stage::Power->value]->state);

        // Greatest: eight coils of at least 56 Ω on 5.1 V; eight bases through 470 Ω and a strong pin of 12 Ω from 3.4 V, less about
        // 0.47 V; the chip 110 mA;
        // the receiver 1.5 mA, the humidity sensor 1 mA; 10 mA of the carrier’s regulator.
        $bases = 8 * (3.4 - 0.47) / (470 * 0.99 + 12);
        $continuous = 8 * 5.1 / 56 + $bases + 0.110 + 0.0015 + 0.001 + 0.010;
        $budget = $inspection->power->rails['R1'];
        self::assertEqualsWithDelta($continuous, $budget->continuous->value, 0.003);
        self::assertEqualsWithDelta(
            $continuous + 0.290,
            $budget->peak->value,
            0.003,
            'The radio sends with 400 mA where it listens with 110 mA.',
        );
        self::assertEqualsWithDelta(2.0 / $continuous, $budget->margin->worst->value, 0.02, 'A module of 10 W gives 2 A up to 50 °C.');

        // The rail falls from 4.9 V by 20 mΩ; the regulator wants 3.0 V for the chip and 1.0 to 1.3 V for itself.
        $lowest = 4.9 - 0.020 * ($continuous + 0.290);
        self::assertEqualsWithDelta($lowest, $inspection->power->dips['R1']->worst->value, 0.001);
        $pins = $continuous + 0.290 - 8 * 5.1 / 56 - 0.010;
        $dropOut = 1.0 + 0.3 * $pins / 0.8;
        self::assertEqualsWithDelta($lowest / (3.0 + $dropOut), $inspection->power->headrooms['board']->margin->worst->value, 0.001);
        self::assertEqualsWithDelta(
            3.3 / 3.0,
            $inspection->power->dips['R1']->margin->worst->value ?? 0.0,
            1e-3,
            'The chip gets its whole 3.3 V.',
        );

        // The carrier’s regulator burns (5.1 V − 3.201 V) · I + 5.1 V · 10 mA through 110 K/W, from 40 °C to 125 °C at most.
        $watts = (5.1 - 3.201) * ($pins - 0.290) + 5.1 * 0.010;
        self::assertEqualsWithDelta(85 / (110 * $watts), $inspection->power->heat->at('board')->margin->worst->value ?? 0.0, 0.03);

        // The valve: 6 W at 12 V are 0.5 A of the adapter’s 1 A; 3 m of 0.5 mm² there and back have at most 0.234 Ω, the adapter
        // itself 0.24 Ω.
        self::assertEqualsWithDelta(2.0, $inspection->power->rails['R2']->margin->worst->value, 1e-9);
        self::assertEqualsWithDelta(11.4 - 0.5 * (6 * 0.039 + 0.24), $inspection->power->dips['R2']->worst->value, 1e-6);
    }
}

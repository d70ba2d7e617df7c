<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Power;

use IronLatch\Core\Board\Edit\Lines\StateHours;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Power\DayProfile;
use IronLatch\Core\Power\Draws;
use IronLatch\Core\Power\Flows;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class DayProfileTest extends TestCase
{
    /** 24 h of the idle board and 6 h of one line, through 80 % and 0.1 W of the module’s own, at 0.30 € a kWh. */
    public function testADayAndAYearByHand(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new StateHours(['L1', 'L2'], 6.0));
        $flows = new Flows($board, Draws::of($board, DriverAnalysis::of($board)));
        $day = DayProfile::of($flows);
        $off = 5 * 0.1053 / 0.8 + 0.1;
        $line = 5 * (DriverAnalysis::of($board)->results['A1']->coilAmps->value
            + DriverAnalysis::of($board)->results['A1']->typicalPinAmps) / 0.8;
        self::assertEqualsWithDelta(24 * $off + 12 * $line, $day->least->value, 1e-6);
        self::assertEqualsWithDelta($day->least->value, $day->most->value, 1e-9);
        self::assertEqualsWithDelta($day->least->value * 365 / 1000 * 0.30, $day->leastCost->value, 1e-9);
        self::assertEqualsWithDelta($line, $day->lines['L1']->inputWatts, 1e-9);
        self::assertSame([], $day->batteryHours);
    }

    public function testUnknownHoursMakeARange(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new StateHours(['L1'], 0.0));
        $day = DayProfile::of(new Flows($board, Draws::of($board, DriverAnalysis::of($board))));
        self::assertSame(1, $day->unknown);
        self::assertEqualsWithDelta($day->least->value + 24 * $day->lines['L2']->inputWatts, $day->most->value, 1e-9);
    }
}

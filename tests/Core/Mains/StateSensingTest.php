<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Mains;

use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\SetStateSense;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Mains\StateSensing;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Each figure by hand. */
final class StateSensingTest extends TestCase
{
    public function testACouplerAtTheMains(): void
    {
        $board = (new SenseState('L2', TestBoards::part('pc817', OptoCoupler::class)))->apply(TestBoards::sound());
        $line = $board->lines['L2'];
        self::assertNotNull($line->sense);
        $sensing = StateSensing::of($board, $line, $line->sense, 1.0, 10e3);
        self::assertNotNull($sensing->heard);
        // (√2 · 230 V − 1.2 V) ÷ 94 kΩ · 1 against 0.75 · 3.3 V ÷ 10 kΩ.
        self::assertEqualsWithDelta(3.4475e-3 / 0.2475e-3, $sensing->heard->nominal->value, 0.01);
        // 10 % less, 1.4 V, a ratio of 0.5 that is 0.7 of itself after years, against the highest supply.
        $highest = $board->siliconOf('F6')->electrics->supply->max;
        $worst = (M_SQRT2 * 207 - 1.4) / 94e3 * 0.35 / (0.75 * $highest / 10e3);
        self::assertEqualsWithDelta($worst, $sensing->heard->worst->value, 1e-6);
        // √2 · 253 V over two resistors; 253² ÷ 94 kΩ over two, of 0.6 of 0.6 W each.
        self::assertEqualsWithDelta(350 / (M_SQRT2 * 253 / 2), $sensing->volts?->value, 1e-6);
        self::assertEqualsWithDelta(0.36 / (253 ** 2 / 94e3 / 2), $sensing->watts?->value, 1e-6);
        self::assertNull(StateSensing::of($board, $line, $line->sense, 1.0, null)->heard, 'What pulls the pin up is not known.');
    }

    public function testATransformerAroundTheWire(): void
    {
        $board = (new SetStateSense('L1', turns: 2000, burdenOhms: 220.0))->apply((new SenseState('L1'))->apply(TestBoards::sound()));
        $line = $board->lines['L1'];
        self::assertNotNull($line->sense);
        $sensing = StateSensing::of($board, $line, $line->sense, 0.5, null);
        self::assertNotNull($sensing->heard);
        // √2 · 0.5 A ÷ 2000 · 220 Ω = 77.8 mV against 50 mV of noise; 10 % less at the worst.
        self::assertEqualsWithDelta(1.5556, $sensing->heard->nominal->value, 1e-3);
        self::assertEqualsWithDelta(1.4, $sensing->heard->worst->value, 1e-3);
        self::assertNull($sensing->volts);
    }
}

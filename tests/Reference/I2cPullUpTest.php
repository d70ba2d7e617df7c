<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controller\SetI2cBus;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Pins\I2cPullUp;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/**
 * Limits of I2C pull-ups. Formulas: I2C-bus specification and user manual UM10204, section 7.1. Worked values: Texas
 * Instruments application report SLVA689, “I2C Bus Pullup Resistor Calculation” (both from memory).
 */
final class I2cPullUpTest extends TestCase
{
    /** SLVA689, section 4: fast mode, 200 pF, 3.3 V gives R_p(max) = 1.77 kΩ and R_p(min) = 966.667 Ω. */
    public function testTheWorkedExampleOfTheApplicationReport(): void
    {
        self::assertEqualsWithDelta(1770.0, I2cPullUp::greatestOhms(400e3, 200e-12), 5.0);
        self::assertEqualsWithDelta(966.667, I2cPullUp::leastOhms(3.3), 0.001);
    }

    /** UM10204: 0.8473 is ln(0.7 ÷ 0.3), the time constants between 30 % and 70 % of V_DD. */
    public function testTheFactorIsTheTimeFromThirtyToSeventyPercent(): void
    {
        self::assertEqualsWithDelta(1000e-9 / (log(0.7 / 0.3) * 400e-12), I2cPullUp::greatestOhms(100e3, 400e-12), 0.5);
        // At the 400 pF that the specification allows a standard-mode bus, the pull-up may still be 2.95 kΩ.
        self::assertEqualsWithDelta(2950.0, I2cPullUp::greatestOhms(100e3, 400e-12), 5.0);
    }

    public function testTheBusOfABoardAddsWhatHangsOnIt(): void
    {
        $expander = TestBoards::part('pcf8574', Expander::class);
        $board = TestBoards::edited(
            TestBoards::bare(),
            new AddGroup(GroupKind::I2c, 'Bus'),
            new FitExpander($expander),
            new FitExpander($expander),
            new SetI2cBus('G1', 400e3, 4.7e3, 100e-12),
        );
        $limits = I2cPullUp::of($board, 'G1');
        // 10 pF of the controller, twice 7 pF, 100 pF of wiring.
        self::assertEqualsWithDelta(124e-12, $limits->busFarads, 1e-15);
        self::assertEqualsWithDelta(300e-9 / (0.8473 * 124e-12), $limits->greatestOhms, 1e-6);
        self::assertEqualsWithDelta($limits->greatestOhms / 4.7e3, $limits->underGreatest?->nominal->value, 1e-9);
        self::assertEqualsWithDelta($limits->greatestOhms / (4.7e3 * 1.05), $limits->underGreatest?->worst->value, 1e-9);
    }
}

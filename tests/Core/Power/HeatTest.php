<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Power;

use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\ConvertRail;
use IronLatch\Core\Board\Edit\Power\FitHeatSink;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Temperatures that can be worked out by hand. */
final class HeatTest extends TestCase
{
    /**
     * 12 → 5 V at 65 K/W carries 0.2 A at 34 °C, 0.16 A at 50 °C and 0.12 A at 70 °C, each at 125 °C (thermal resistance; common
     * figures of a bare TO-220).
     */
    #[TestWith([34.0, 0.2])]
    #[TestWith([50.0, 0.165])]
    #[TestWith([70.0, 0.121])]
    public function testABareRegulatorOn12Volts(float $air, float $amps): void
    {
        $regulation = TestBoards::part('reg-7805', Converter::class)->regulation;
        self::assertEqualsWithDelta(125.0, $air + ($regulation->airKelvinPerWatt ?? 0.0) * 7.0 * $amps, 0.3);
        // Its own 5 mA come on top of that.
        self::assertEqualsWithDelta(7.0 * $amps + 12.0 * 0.005, $regulation->watts($amps, 5.0, 12.0, false), 1e-9);
    }

    public function testTheHottestPartIsNamedAndAHeatSinkCoolsIt(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ConvertRail('R1', TestBoards::part('reg-7805', Converter::class), 'R2'),
        );
        $heat = (new Inspection($board))->power->heat;
        $hottest = $heat->hottest();
        self::assertSame('7805 in TO-220', $hottest?->name);
        // (12.24 V − 4.8 V) · I + 12.24 V · 8 mA through 65 K/W, from 40 °C.
        $amps = (new Inspection($board))->power->rails['R1']->continuous->value;
        self::assertEqualsWithDelta(40 + 65 * (7.44 * $amps + 12.24 * 0.008), $hottest->celsius->value ?? 0.0, 1e-6);
        $cooled = (new Inspection(TestBoards::edited($board, new FitHeatSink('R1', 10.0))))->power->heat->at('R1');
        self::assertEqualsWithDelta(
            40 + 15.5 * (7.44 * $amps + 12.24 * 0.008),
            $cooled->celsius->value ?? 0.0,
            1e-6,
            '5 K/W to the case, 0.5 K/W to the sink, 10 K/W to the air.',
        );
    }

    /** What leaves the mains and does not come out of the module stays in it: 1 ÷ 0.8 − 1 of its output. */
    public function testAModuleWarmsItsBox(): void
    {
        $inspection = new Inspection(TestBoards::sound());
        self::assertEqualsWithDelta(
            $inspection->power->rails['R1']->continuous->value * 5.0 * 0.25,
            $inspection->power->heat->at('R1')->watts->value ?? 0.0,
            1e-9,
        );
    }

    /** Full rating up to 50 °C, 2.5 % less for each kelvin above, nothing above 70 °C; an adapter stands in the room. */
    public function testAModuleGivesLessInWarmAir(): void
    {
        $rated = static fn(float $celsius, string $supply = 'module-5v-10w'): float => (new Inspection(TestBoards::edited(
            TestBoards::sound(),
            new ChooseSupply('R1', TestBoards::part($supply, Supply::class)),
            new StateAmbient($celsius),
        )))->power->rails['R1']->rated->value;
        self::assertEqualsWithDelta(
            [2.0, 2.0, 1.5, 1.0, 0.0],
            [$rated(40.0), $rated(50.0), $rated(60.0), $rated(70.0), $rated(71.0)],
            1e-9,
        );
        self::assertSame(2.0, $rated(60.0, 'adapter-5v-2a'));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\CouplerSwitch;
use IronLatch\Core\Drive\Circuit\NpnSwitch;
use IronLatch\Core\Drive\Circuit\Warmth;
use IronLatch\Tests\Support\Ngspice;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The warm corner of a start-up verdict, against ngspice (Debian package) at that temperature with its own laws of silicon. */
final class WarmJunctionsAgainstNgspiceTest extends TestCase
{
    /**
     * @return iterable<string, array{float, float}>
     */
    public static function corners(): iterable
    {
        foreach ([27.0, 40.0, 60.0, 85.0] as $celsius) {
            foreach ([12e3, 15e3, 22e3] as $ohms) {
                yield sprintf('%d °C, %d Ω across the base', $celsius, $ohms) => [$celsius, $ohms];
            }
        }
    }

    /** A pull-up of 45 kΩ into a base that a resistor holds down: half on, where every millivolt of the junction counts. */
    #[DataProvider('corners')]
    public function testAWeakPullUpMovesTheCoilAsFar(float $celsius, float $baseEmitterOhms): void
    {
        $npn = TestBoards::part('npn-2n2222', Transistor::class);
        $circuit = new NpnSwitch(
            TestBoards::part('esp32', Chip::class)->electrics,
            TestBoards::part('reinforced-12v', Relay::class),
            TestBoards::part('module-12v-10w', Supply::class)->output,
            new NpnLowSide('npn-2n2222', 470.0, $baseEmitterOhms),
            $npn,
        );
        $values = $circuit->best($celsius);
        $spice = Ngspice::operatingPoint([
            'Vdrive d 0 3.3',
            sprintf('Rb d b %.9g', 45e3 + $values['baseOhms']),
            sprintf('Rbe b 0 %.9g', $values['baseEmitterOhms']),
            sprintf('Vrail r 0 %.9g', $values['railVolts']),
            sprintf('Rcoil r c %.9g', $values['coilOhms'] + $values['collectorOhms']),
            'Q1 c b 0 tr',
            sprintf(
                '.model tr NPN(IS=%.9g BF=%.9g BR=%.9g XTB=1.5 XTI=3 EG=1.11)',
                $npn->saturationCurrent->max,
                $npn->gain->max,
                $npn->reverseGain,
            ),
        ], ['v(b)', 'vrail#branch'], $celsius);
        $point = $circuit->at($values, 3.3, 45e3);
        self::assertEqualsWithDelta($spice['v(b)'], $point->nodes['base'], 0.01);
        // Within 2 % of the rail: a coil that is still below half its voltage is still so in the simulator.
        self::assertEqualsWithDelta(-$spice['vrail#branch'] * $values['coilOhms'], $point->coilVolts, 0.02 * $values['railVolts']);
    }

    /** By hand: dV_BE/dT = −(E_g + 3·V_T − V_BE) ÷ T = −(1.11 V + 0.078 V − 0.706 V) ÷ 300 K = −1.6 mV/K; 33 K make 53 mV. */
    public function testAJunctionLosesVoltageWithEachKelvin(): void
    {
        $volts = static fn(float $celsius): float => 0.025864186 * log(10e-3 / Warmth::Junction->at(1.4e-14, $celsius));
        self::assertEqualsWithDelta(0.053, $volts(27.0) - $volts(60.0), 0.001);
        self::assertSame(1.4e-14, round(Warmth::Junction->at(1.4e-14, 27.0), 20));
        self::assertEqualsWithDelta(200 * (333.15 / 300.15) ** 1.5, Warmth::Gain->at(200.0, 60.0), 1e-9);
        self::assertEqualsWithDelta(0.868, Warmth::Threshold->at(1.0, 60.0), 1e-9);
    }

    /** By hand: 70 % after years and 0.6 % less with each kelvin above 25 °C; at 1 mA, 0.2^0.3 = 62 % of what it is at 5 mA. */
    public function testACouplerAgesAndFadesAtALowCurrent(): void
    {
        $relay = TestBoards::part('cube-5v', Relay::class);
        $circuit = new CouplerSwitch(
            TestBoards::part('esp32', Chip::class)->electrics,
            $relay,
            TestBoards::part('module-5v-10w', Supply::class)->output,
            new CouplerDriver('pc817', 'npn-2n2222', 2.1e3 - 30.0, 470.0),
            TestBoards::part('pc817', OptoCoupler::class),
            TestBoards::part('npn-2n2222', Transistor::class),
        );
        self::assertEqualsWithDelta(0.5 * 0.7, $circuit->worst(25.0)['transferRatio'], 1e-9);
        self::assertEqualsWithDelta(0.5 * 0.7 * 0.79, $circuit->worst(60.0)['transferRatio'], 1e-9);
        $values = [...$circuit->typical(), 'pinOhms' => 30.0];
        // (3.3 V − 1.2 V) ÷ 2.1 kΩ = 1 mA through the LED.
        $netlist = $circuit->netlist($values, 3.3, 30.0)->spice();
        preg_match('/^Fu1 0 bu1 Vsu1 (\S+)/m', $netlist, $gain);
        self::assertEqualsWithDelta(0.617 / 300, (float) ($gain[1] ?? 0), 0.002 / 300);
    }
}

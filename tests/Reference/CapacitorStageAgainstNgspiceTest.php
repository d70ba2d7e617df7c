<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Mains\CapacitorStage;
use IronLatch\Tests\Support\Ngspice;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A motor behind a series capacitor, against transient analyses of ngspice (Debian package): rms values over whole periods within 1 %. */
final class CapacitorStageAgainstNgspiceTest extends TestCase
{
    #[TestWith([230.0, 50.0, 60.0, 0.9, 1.0e-6])]
    #[TestWith([230.0, 50.0, 60.0, 0.9, 2.2e-6])]
    #[TestWith([230.0, 50.0, 75.0, 0.6, 3.3e-6])]
    #[TestWith([120.0, 60.0, 55.0, 0.85, 10.0e-6])]
    public function testCurrentAndVoltages(float $volts, float $hertz, float $watts, float $factor, float $farads): void
    {
        $mine = CapacitorStage::of($volts, $hertz, $volts, $watts, $factor, $farads, 2.2);
        [$ohms, $reactance] = CapacitorStage::motor($volts, $watts, $factor);
        $from = 40 / $hertz;
        $spice = Ngspice::transient([
            sprintf('V1 a 0 SIN(0 %.9g %.9g)', sqrt(2) * $volts, $hertz),
            'R1 a b 2.2',
            sprintf('C1 b c %.9g', $farads),
            'E1 x 0 b c 1',
            'R3 x 0 1k',
            sprintf('R2 c d %.9g', $ohms),
            sprintf('L1 d 0 %.9g', $reactance / (2 * M_PI * $hertz)),
        ], 1e-5, $from + 10 / $hertz, [
            'amps' => sprintf('rms i(L1) from=%.9g to=%.9g', $from, $from + 10 / $hertz),
            'motor' => sprintf('rms v(c) from=%.9g to=%.9g', $from, $from + 10 / $hertz),
            'capacitor' => sprintf('rms v(x) from=%.9g to=%.9g', $from, $from + 10 / $hertz),
        ]);
        self::assertEqualsWithDelta($spice['amps'], $mine->amps, 0.01 * $spice['amps']);
        self::assertEqualsWithDelta($spice['motor'], $mine->motorVolts, 0.01 * $spice['motor']);
        self::assertEqualsWithDelta($spice['capacitor'], $mine->capacitorVolts, 0.01 * $spice['capacitor']);
    }

    /** Two capacitors closed together, each with its resistor. */
    #[TestWith([230.0, 50.0, 38.0, 0.6, 1.2e-6, 1.8e-6, 2.2])]
    #[TestWith([230.0, 50.0, 75.0, 0.6, 1.0e-6, 4.7e-6, 100.0])]
    public function testTwoCapacitorsInOneStep(
        float $volts,
        float $hertz,
        float $watts,
        float $factor,
        float $one,
        float $other,
        float $seriesOhms,
    ): void {
        [$farads, $ohmsBefore] = CapacitorStage::sideBySide([$one, $other], $seriesOhms, $hertz);
        $mine = CapacitorStage::of($volts, $hertz, $volts, $watts, $factor, $farads, $ohmsBefore);
        [$ohms, $reactance] = CapacitorStage::motor($volts, $watts, $factor);
        $from = 40 / $hertz;
        $window = sprintf('from=%.9g to=%.9g', $from, $from + 10 / $hertz);
        $spice = Ngspice::transient([
            sprintf('V1 a 0 SIN(0 %.9g %.9g)', sqrt(2) * $volts, $hertz),
            sprintf('R1 a b %.9g', $seriesOhms),
            sprintf('C1 b d %.9g', $one),
            sprintf('R2 a c %.9g', $seriesOhms),
            sprintf('C2 c d %.9g', $other),
            sprintf('R3 d e %.9g', $ohms),
            sprintf('L1 e 0 %.9g', $reactance / (2 * M_PI * $hertz)),
        ], 1e-5, $from + 10 / $hertz, ['amps' => 'rms i(L1) ' . $window, 'motor' => 'rms v(d) ' . $window]);
        self::assertEqualsWithDelta($spice['amps'], $mine->amps, 0.01 * $spice['amps']);
        self::assertEqualsWithDelta($spice['motor'], $mine->motorVolts, 0.01 * $spice['motor']);
        self::assertSame(
            [INF, 0.0],
            CapacitorStage::sideBySide([$one, INF], $seriesOhms, $hertz),
            'A plain contact beside them is full speed.',
        );
    }

    /** Without a capacitor the motor runs as it is rated; the more capacitance, the nearer it comes to that. */
    public function testFullSpeedIsTheRating(): void
    {
        $full = CapacitorStage::of(230.0, 50.0, 230.0, 60.0, 0.9, INF);
        self::assertEqualsWithDelta(60.0, $full->motorWatts, 1e-9);
        self::assertEqualsWithDelta(60.0 / (230 * 0.9), $full->amps, 1e-9);
        self::assertSame(0.0, $full->capacitorVolts);
        $this->expectException(\InvalidArgumentException::class);
        CapacitorStage::of(230.0, 50.0, 230.0, 60.0, 1.1, 1e-6);
    }
}

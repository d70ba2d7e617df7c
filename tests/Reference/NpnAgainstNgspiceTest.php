<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Drive\Circuit\NpnCircuit;
use IronLatch\Core\Drive\Circuit\NpnOperatingPoint;
use IronLatch\Tests\Support\Ngspice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The NPN operating point against ngspice (Debian package), with the same model parameters and at the same temperature. */
final class NpnAgainstNgspiceTest extends TestCase
{
    /**
     * @return iterable<string, array{NpnCircuit}>
     */
    public static function circuits(): iterable
    {
        $circuit = static fn(float $drive, float $ohms, ?float $be, float $rail, float $coil, float $gain, float $is = 1.4e-14): array
            => [new NpnCircuit($drive, $ohms, $be, $rail, $coil, 0.6, $gain, 4.0, $is)];
        yield 'saturated from 3.3 V' => $circuit(3.3, 490.0, null, 5.0, 70.0, 200.0);
        yield 'saturated with base–emitter resistor' => $circuit(3.3, 490.0, 10e3, 5.0, 70.0, 200.0);
        yield 'edge of saturation at gain 130' => $circuit(3.3, 4700.0, null, 5.0, 70.0, 130.0);
        yield 'not saturated at gain 100' => $circuit(3.3, 4700.0, null, 5.0, 70.0, 100.0);
        yield 'far too little base current' => $circuit(3.3, 47e3, null, 5.0, 70.0, 200.0);
        yield '12 V coil' => $circuit(3.3, 1000.0, 10e3, 12.0, 400.0, 100.0);
        yield '24 V coil on a weak pull-up' => $circuit(3.3, 45.5e3, null, 24.0, 1600.0, 300.0);
        yield 'pull-up held off by the resistor' => $circuit(3.3, 45.5e3, 10e3, 24.0, 1600.0, 300.0);
        yield 'from 5 V' => $circuit(5.0, 500.0, null, 5.0, 70.0, 75.0, 5e-15);
        yield 'off' => $circuit(0.2, 490.0, 10e3, 5.0, 70.0, 200.0);
    }

    #[DataProvider('circuits')]
    public function testVoltagesAndCurrentsAgree(NpnCircuit $circuit): void
    {
        $spice = self::ngspice($circuit);
        $point = NpnOperatingPoint::solve($circuit);
        self::assertEqualsWithDelta($spice['v(b)'], $point->baseVolts, 0.001);
        self::assertEqualsWithDelta($spice['v(c)'], $point->collectorVolts, max(0.002, 0.002 * $spice['v(c)']));
        // Currents within 0.3 %, or the gmin leakage of the simulator.
        self::assertEqualsWithDelta(-$spice['vrail#branch'], $point->collectorAmps, max(1e-9, 0.003 * abs($spice['vrail#branch'])));
        self::assertEqualsWithDelta(-$spice['vdrive#branch'], $point->driveAmps, max(1e-9, 0.003 * abs($spice['vdrive#branch'])));
    }

    /** Forty circuits from a fixed sequence, over rails, coils, gains and resistors as makers choose them. */
    public function testGeneratedCircuitsAgree(): void
    {
        $seed = 12345;
        $pick = static function (array $choices) use (&$seed): float {
            $seed = ($seed * 1103515245 + 12345) % 2147483648;
            $choice = $choices[intdiv($seed, 65536) % count($choices)];

            return is_numeric($choice) ? (float) $choice : 0.0;
        };
        for ($number = 0; $number < 40; ++$number) {
            [$rail, $coil] = [[5.0, 56.0], [5.0, 70.0], [12.0, 400.0], [24.0, 1600.0]][(int) $pick([0, 1, 2, 3])];
            $bias = $pick([0, 4.7e3, 10e3, 47e3]);
            $circuit = new NpnCircuit(
                $pick([0.4, 2.64, 3.3, 5.0]),
                $pick([150, 330, 470, 1e3, 2.2e3, 4.7e3, 10e3, 47e3]),
                0.0 === $bias ? null : $bias,
                $rail,
                $coil,
                $pick([0.3, 0.6, 1.2]),
                $pick([75, 100, 200, 300, 400]),
                4.0,
                $pick([5e-15, 1.4e-14, 4e-14]),
            );
            $this->testVoltagesAndCurrentsAgree($circuit);
        }
    }

    /**
     * @return array<string, float>
     */
    private static function ngspice(NpnCircuit $circuit): array
    {
        return Ngspice::operatingPoint([
            sprintf('Vdrive d 0 %.9g', $circuit->driveVolts),
            sprintf('Rb d b %.9g', $circuit->driveOhms),
            null === $circuit->baseEmitterOhms ? '* no base-emitter resistor' : sprintf('Rbe b 0 %.9g', $circuit->baseEmitterOhms),
            sprintf('Vrail r 0 %.9g', $circuit->railVolts),
            sprintf('Rcoil r c %.9g', $circuit->coilOhms),
            'Q1 c b 0 tr',
            sprintf(
                '.model tr NPN(IS=%.9g BF=%.9g BR=%.9g RC=%.9g)',
                $circuit->saturationAmps,
                $circuit->gain,
                $circuit->reverseGain,
                $circuit->collectorOhms,
            ),
        ], ['v(b)', 'v(c)', 'vdrive#branch', 'vrail#branch']);
    }
}

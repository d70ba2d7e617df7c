<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Figures of the part files against those printed in the data sheets of these designators, all from memory: to be compared with
 * the sheet in hand before they are relied on.
 */
final class PartFactsTest extends TestCase
{
    /**
     * @return iterable<string, array{string, float, float, float, bool}> id, I_C, V_CEO, least gain at the coil’s current, PNP
     */
    public static function transistors(): iterable
    {
        yield '2N2222A: 600 mA, 40 V, 100 at 150 mA' => ['npn-2n2222', 0.6, 40.0, 100.0, false];
        yield 'BC547B: 100 mA, 45 V; its 200 holds at 2 mA, at 100 mA 180 is typical and less must be reckoned with' => [
            'npn-bc547b',
            0.1,
            45.0,
            120.0,
            false,
        ];
        yield '2N2907A: 600 mA, 60 V, 100 at 150 mA' => ['pnp-2n2907', 0.6, 60.0, 100.0, true];
    }

    #[DataProvider('transistors')]
    public function testTransistors(string $id, float $amps, float $volts, float $gain, bool $isPnp): void
    {
        $part = TestBoards::part($id, Transistor::class);
        self::assertSame([$amps, $volts, $isPnp], [$part->greatestAmps, $part->greatestVolts, $part->isPnp]);
        self::assertLessThanOrEqual($gain, $part->gain->min, 'No more than the sheet promises may be counted on.');
        // V_BE of a small transistor at 10 mA lies between 0.65 V and 0.8 V.
        foreach ([$part->saturationCurrent->min, $part->saturationCurrent->max] as $saturation) {
            $volt = 0.025864 * log(10e-3 / $saturation);
            self::assertGreaterThan(0.62, $volt);
            self::assertLessThan(0.82, $volt);
        }
    }

    /**
     * @return iterable<string, array{string, float, float, float, float}> id, gate voltage, on-resistance, threshold least and greatest
     */
    public static function mosfets(): iterable
    {
        yield 'AO3400: under 52 mΩ at 2.5 V, 0.65 V to 1.45 V' => ['mosfet-2v5', 2.5, 0.052, 0.65, 1.45];
        yield 'IRLZ44: under 39 mΩ at 4 V to 4.5 V, 1 V to 2 V' => ['mosfet-4v5', 4.5, 0.039, 1.0, 2.0];
        yield 'IRF540: under 77 mΩ at 10 V, 2 V to 4 V' => ['mosfet-10v', 10.0, 0.077, 2.0, 4.0];
    }

    #[DataProvider('mosfets')]
    public function testMosfets(string $id, float $gate, float $ohms, float $least, float $greatest): void
    {
        $part = TestBoards::part($id, Mosfet::class);
        self::assertSame([$gate, $least, $greatest], [$part->specifiedGateVolts, $part->thresholdVolts->min, $part->thresholdVolts->max]);
        self::assertGreaterThan($ohms / 2.5, $part->onResistance);
        self::assertLessThanOrEqual($ohms * 1.3, $part->onResistance);
        // K is such that the stated resistance is met at the greatest threshold.
        self::assertEqualsWithDelta($part->onResistance, 1 / ($part->transconductance() * ($gate - $greatest)), 1e-12);
    }

    /** ULN2003A and ULN2803A: 500 mA, 50 V, 2.7 kΩ inputs, seven and eight channels. */
    public function testArrays(): void
    {
        foreach (['uln2003a' => 7, 'uln2803a' => 8] as $id => $channels) {
            $part = TestBoards::part($id, DarlingtonArray::class);
            self::assertSame(
                [$channels, 0.5, 50.0, 2.7e3, 150.0],
                [$part->channels, $part->greatestAmps, $part->greatestVolts, $part->inputOhms->typ, $part->greatestCelsius],
            );
            self::assertGreaterThan(50.0, $part->junctionKelvinPerWatt);
            self::assertLessThan(100.0, $part->junctionKelvinPerWatt);
        }
    }

    /** PC817: 50 % to 600 % over all ranks, rank C 200 % to 400 %, at 5 mA; LED 1.2 V, 50 mA. */
    public function testCouplers(): void
    {
        foreach (['pc817' => [0.5, 6.0], 'pc817c' => [2.0, 4.0]] as $id => [$least, $greatest]) {
            $part = TestBoards::part($id, OptoCoupler::class);
            self::assertSame(
                [$least, $greatest, 1.2, 0.05],
                [$part->transferRatio->min, $part->transferRatio->max, $part->ledVolts->typ, $part->greatestLedAmps],
            );
        }
    }

    /**
     * @return iterable<string, array{string, float, float, float}> id, coil volts, ohms, watts
     */
    public static function coils(): iterable
    {
        yield 'cube, 5 V: 70 Ω, 71.4 mA' => ['cube-5v', 5.0, 70.0, 0.36];
        yield 'cube, 12 V: 400 Ω, 30 mA' => ['cube-12v', 12.0, 400.0, 0.36];
        yield '5 V, 16 A, reinforced: 62 Ω' => ['reinforced-5v', 5.0, 62.0, 0.4];
        yield '12 V, 16 A, reinforced: 360 Ω' => ['reinforced-12v', 12.0, 360.0, 0.4];
        yield 'bistable with one winding' => ['bistable-5v-one', 5.0, 62.0, 0.4];
        yield 'bistable with two windings' => ['bistable-5v-two', 5.0, 42.0, 0.6];
    }

    #[DataProvider('coils')]
    public function testCoils(string $id, float $volts, float $ohms, float $watts): void
    {
        $part = TestBoards::part($id, Relay::class);
        self::assertSame([$volts, $ohms], [$part->coilVolts, $part->coilResistance->typ]);
        self::assertEqualsWithDelta($watts, $volts ** 2 / $ohms, 0.02);
        self::assertTrue(self::holds($part->coilResistance, 0.08, 0.11), 'Coils are made to ±10 %.');
        // Small relays must operate at 70 % to 80 % and release at 5 % to 10 % of the nominal voltage.
        self::assertGreaterThanOrEqual(0.7, $part->operateRatio);
        self::assertLessThanOrEqual(0.8, $part->operateRatio);
        self::assertGreaterThanOrEqual(0.05, $part->releaseRatio);
        self::assertLessThanOrEqual(0.1, $part->releaseRatio);
        self::assertEqualsWithDelta($part->operateRatio * $volts * 1.156, $part->operateVolts(60.0), 1e-9);
    }

    /** A triac drops 1 V to 1.6 V and leaks milliamperes; a MOSFET output does neither. */
    public function testSolidStateOutputs(): void
    {
        foreach (['ssr-25a-zero', 'ssr-2a-pcb'] as $id) {
            $output = TestBoards::part($id, Relay::class)->solidState;
            self::assertNotNull($output);
            self::assertTrue($output->isTriac);
            self::assertGreaterThanOrEqual(1.0, $output->dropVolts->min);
            self::assertGreaterThanOrEqual(1e-3, $output->leakageAmps);
        }
        $transistor = TestBoards::part('ssr-5a-dc', Relay::class);
        self::assertFalse($transistor->solidState?->isTriac);
        self::assertSame(0.0, $transistor->contactAcAmps, 'It is no switch for alternating current.');
    }

    /** A solid-state input takes every rail from its operate voltage to its greatest; a coil takes its own only. */
    public function testRailsThatSuit(): void
    {
        $suits = static fn(string $id): array => array_values(array_filter(
            [3.3, 4.4, 5.0, 5.4, 9.0, 12.0, 24.0, 33.0],
            TestBoards::part($id, Relay::class)->suitsRail(...),
        ));
        self::assertSame([5.0, 5.4], $suits('cube-5v'));
        self::assertSame([12.0], $suits('cube-12v'));
        self::assertSame([3.3, 4.4, 5.0, 5.4, 9.0, 12.0, 24.0], $suits('ssr-25a-zero'));
        self::assertSame([4.4, 5.0, 5.4], $suits('ssr-2a-pcb'));
    }

    private static function holds(Spread $spread, float $least, float $greatest): bool
    {
        $share = ($spread->max - $spread->min) / (2 * $spread->typ);

        return $share >= $least && $share <= $greatest;
    }
}

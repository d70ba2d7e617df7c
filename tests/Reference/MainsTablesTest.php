<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Catalogue\CordTable;
use IronLatch\Core\Mains\Ampacity;
use IronLatch\Core\Mains\InsulationTables;
use IronLatch\Core\Mains\TrackCurrent;
use IronLatch\Core\Mains\WireSize;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Distances, conductors and tracks of the mains side against published tables and closed forms. */
final class MainsTablesTest extends TestCase
{
    /**
     * IEC 60664-1, tables F.1, F.2 and F.4, material group III, from memory: volts, category, pollution degree, then clearance and
     * creepage in mm, basic and reinforced.
     *
     * @return iterable<string, array{float, int, int, float, float, float, float}>
     */
    public static function distances(): iterable
    {
        yield '230 V behind a plug' => [230.0, 2, 2, 1.5, 3.0, 2.5, 5.0];
        yield '230 V in the wall' => [230.0, 3, 2, 3.0, 5.5, 3.0, 5.5];
        yield '230 V in a damp place' => [230.0, 3, 3, 3.0, 5.5, 4.0, 8.0];
        yield '120 V behind a plug' => [120.0, 2, 2, 0.5, 1.5, 1.5, 3.0];
        yield '120 V in the wall' => [120.0, 3, 2, 1.5, 3.0, 1.5, 3.0];
        yield '120 V in a damp place' => [120.0, 2, 3, 0.8, 1.5, 2.4, 4.8];
    }

    #[DataProvider('distances')]
    public function testDistances(
        float $volts,
        int $category,
        int $pollution,
        float $clearance,
        float $reinforcedClearance,
        float $creepage,
        float $reinforcedCreepage,
    ): void {
        self::assertEqualsWithDelta($clearance, 1e3 * InsulationTables::clearance($volts, $category, $pollution, false), 1e-9);
        self::assertEqualsWithDelta($reinforcedClearance, 1e3 * InsulationTables::clearance($volts, $category, $pollution, true), 1e-9);
        self::assertEqualsWithDelta($creepage, 1e3 * InsulationTables::creepage($volts, $category, $pollution, false), 1e-9);
        self::assertEqualsWithDelta($reinforcedCreepage, 1e3 * InsulationTables::creepage($volts, $category, $pollution, true), 1e-9);
    }

    public function testHeightAndMaterialAndVoltageMoveADistanceTheRightWay(): void
    {
        self::assertEqualsWithDelta(1.29 * 3.0e-3, InsulationTables::clearance(230.0, 2, 2, true, 4000.0), 1e-9);
        self::assertEqualsWithDelta(
            (1.14 + 1.29) / 2 * 3.0e-3,
            InsulationTables::clearance(230.0, 2, 2, true, 3500.0),
            1e-9,
            'Half way between two rows.',
        );
        self::assertLessThan(InsulationTables::creepage(400.0, 2, 2, true, 3), InsulationTables::creepage(400.0, 2, 2, true, 1));
        $before = 0.0;
        foreach ([24.0, 48.0, 100.0, 120.0, 230.0, 400.0, 480.0] as $volts) {
            $now = InsulationTables::creepage($volts, 2, 2, true);
            self::assertGreaterThanOrEqual($before, $now);
            self::assertGreaterThanOrEqual(InsulationTables::clearance($volts, 2, 2, true), $now, 'Never shorter than through air.');
            $before = $now;
        }
    }

    /**
     * IEC 60335-1, least cross-sections of supply cords; NEC table 400.5(A)(1), two conductors; both from memory.
     *
     * @return iterable<string, array{string, CordTable, float}>
     */
    public static function conductors(): iterable
    {
        foreach ([
            '0.5 mm²' => 3.0,
            '0.75 mm²' => 6.0,
            '1 mm²' => 10.0,
            '1.5 mm²' => 16.0,
            '2.5 mm²' => 25.0,
            '4 mm²' => 32.0,
        ] as $area => $amps) {
            yield $area => [$area, CordTable::Iec60335, $amps];
        }
        foreach (['18 AWG' => 10.0, '16 AWG' => 13.0, '14 AWG' => 18.0, '12 AWG' => 25.0, '10 AWG' => 30.0] as $area => $amps) {
            yield $area => [$area, CordTable::Nec400, $amps];
        }
    }

    #[DataProvider('conductors')]
    public function testConductors(string $area, CordTable $table, float $amps): void
    {
        $squareMetres = QuantityParser::parse($area, Unit::SquareMetre);
        self::assertSame($amps, Ampacity::of($squareMetres, $table));
        self::assertEqualsWithDelta($squareMetres, Ampacity::least($amps, $table), 0.011 * $squareMetres);
        self::assertGreaterThan($squareMetres, Ampacity::least($amps + 0.1, $table) ?? INF);
        self::assertSame(0.0, Ampacity::of(0.2e-6, $table));
    }

    /** IPC-2221: 10 A, 10 K, outside, one ounce: about 7.2 mm; and both ways round. */
    public function testTracksBothWays(): void
    {
        self::assertEqualsWithDelta(7.2e-3, TrackCurrent::width(10.0, 35e-6, 10.0, false), 0.05e-3);
        foreach ([[1.0, 35e-6, 10.0, false], [16.0, 70e-6, 20.0, false], [5.0, 35e-6, 10.0, true]] as [$amps, $copper, $rise, $inner]) {
            $width = TrackCurrent::width($amps, $copper, $rise, $inner);
            self::assertEqualsWithDelta($amps, TrackCurrent::amps($width, $copper, $rise, $inner), 1e-9);
            // I in A, ΔT in K, A in square mils, as the standard writes it.
            self::assertEqualsWithDelta(
                $amps,
                ($inner ? 0.024 : 0.048) * $rise ** 0.44 * ($width / 25.4e-6 * $copper / 25.4e-6) ** 0.725,
                1e-9,
            );
        }
        self::assertEqualsWithDelta(2.0, TrackCurrent::amps(1e-3, 35e-6, 10.0, false) / TrackCurrent::amps(1e-3, 35e-6, 10.0, true), 1e-9);
    }

    /**
     * IEC 60364-5-52, table B.52.14, PVC at 70 °C over 30 °C of air; NEC table 310.15(B)(1), 60 °C over 30 °C. Both from memory.
     *
     * @param array<int, float> $factors by °C
     */
    #[TestWith([CordTable::Iec60335, [25 => 1.0, 30 => 1.0, 35 => 0.94, 40 => 0.87, 45 => 0.79, 50 => 0.71, 55 => 0.61, 60 => 0.50]])]
    #[TestWith([CordTable::Nec400, [30 => 1.0, 35 => 0.91, 40 => 0.82, 45 => 0.71, 50 => 0.58, 55 => 0.41]])]
    public function testWarmerAirLeavesLess(CordTable $table, array $factors): void
    {
        foreach ($factors as $celsius => $factor) {
            self::assertEqualsWithDelta($factor, Ampacity::warmer($celsius, $table), 0.0055, $celsius . ' °C');
        }
        self::assertSame(0.0, Ampacity::warmer(80.0, $table));
        self::assertEqualsWithDelta(
            1.5e-6,
            Ampacity::least(9.9, CordTable::Iec60335, Ampacity::warmer(50.0, CordTable::Iec60335)) ?? 0.0,
            1e-9,
            '1 mm² bears 7 A there.',
        );
    }

    /** ASTM B258: 18 AWG is 0.823 mm², 16 is 1.31, 14 is 2.08, 12 is 3.31 and 10 is 5.26 mm². */
    public function testAWireIsWrittenByItsGaugeWhereTheCountryDoes(): void
    {
        self::assertSame(
            ['18 AWG', '16 AWG', '14 AWG', '12 AWG', '10 AWG', '1 mm²'],
            array_map(
                static fn(float $mm2): string => WireSize::printed($mm2 * 1e-6, CordTable::Nec400),
                [0.82, 1.30, 2.08, 3.30, 5.26, 1.0],
            ),
        );
        self::assertSame('0.82 mm²', WireSize::printed(0.82e-6, CordTable::Iec60335));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Catalogue\Copper;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Resistances of copper wires against tables. */
final class ConductorsTest extends TestCase
{
    /**
     * IEC 60228, greatest resistance at 20 °C in Ω/km: class 1 and 2, then class 5 (flexible); from memory.
     *
     * @return iterable<string, array{float, float, float}>
     */
    public static function sections(): iterable
    {
        yield '0.5 mm²' => [0.5e-6, 36.0, 39.0];
        yield '0.75 mm²' => [0.75e-6, 24.5, 26.0];
        yield '1 mm²' => [1.0e-6, 18.1, 19.5];
        yield '1.5 mm²' => [1.5e-6, 12.1, 13.3];
        yield '2.5 mm²' => [2.5e-6, 7.41, 7.98];
        yield '4 mm²' => [4.0e-6, 4.61, 4.95];
    }

    #[DataProvider('sections')]
    public function testTheLawOfCopperAgreesWithTheTable(float $squareMetres, float $solid, float $flexible): void
    {
        $kilometre = Copper::ohms(1000.0, $squareMetres);
        self::assertLessThanOrEqual($solid, $kilometre->typ, 'The table states what may not be exceeded.');
        self::assertEqualsWithDelta($solid, $kilometre->typ, 0.08 * $solid);
        self::assertEqualsWithDelta($flexible, $kilometre->max, 1e-9);
    }

    /** Solid American gauges at 20 °C in Ω per 1000 ft, as tabled in ASTM B258 (from memory), 2 % for the purity of the copper. */
    #[TestWith(['18 AWG', 6.385])]
    #[TestWith(['20 AWG', 10.15])]
    #[TestWith(['22 AWG', 16.14])]
    #[TestWith(['24 AWG', 25.67])]
    public function testGauges(string $gauge, float $ohmsPerThousandFeet): void
    {
        self::assertEqualsWithDelta(
            $ohmsPerThousandFeet,
            Copper::ohms(304.8, QuantityParser::parse($gauge, Unit::SquareMetre))->typ,
            0.02 * $ohmsPerThousandFeet,
        );
    }

    /** Between tabled sizes a flexible wire is taken as 13 % worse than its copper, as 0.5 mm² is in the table. */
    public function testWhatIsNotTabledIsTakenAsTheWorstThatIs(): void
    {
        $ohms = Copper::ohms(1.0, 0.25e-6);
        self::assertEqualsWithDelta(1.13, $ohms->max / $ohms->typ, 1e-9);
        self::assertEqualsWithDelta(39.0e-3 / Copper::ohms(1.0, 0.5e-6)->typ, 1.13, 0.002);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Quantity;

use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    /**
     * @return iterable<string, array{string, Unit, float}>
     */
    public static function spellings(): iterable
    {
        yield 'prefix in place of the point' => ['4k7', Unit::Ohm, 4700.0];
        yield 'R in place of the point' => ['4R7', Unit::Ohm, 4.7];
        yield 'infix with unit' => ['4k7 Ω', Unit::Ohm, 4700.0];
        yield 'volts as infix' => ['3V3', Unit::Volt, 3.3];
        yield 'no blank' => ['1.5A', Unit::Ampere, 1.5];
        yield 'prefix alone' => ['100n', Unit::Farad, 100e-9];
        yield 'comma' => ['0,36 W', Unit::Watt, 0.36];
        yield 'gauge behind' => ['16 AWG', Unit::SquareMetre, 1.3087e-6];
        yield 'gauge before' => ['AWG 16', Unit::SquareMetre, 1.3087e-6];
        yield 'square millimetres with comma' => ['1,5 mm²', Unit::SquareMetre, 1.5e-6];
        yield 'square millimetres typed plainly' => ['2.5 mm2', Unit::SquareMetre, 2.5e-6];
        yield 'other ohm sign' => ["470 \u{2126}", Unit::Ohm, 470.0];
        yield 'micro by u' => ['4.7uF', Unit::Farad, 4.7e-6];
        yield 'Greek mu' => ["4.7 \u{3BC}F", Unit::Farad, 4.7e-6];
        yield 'capital K' => ['10K', Unit::Ohm, 10e3];
        yield 'milli before metre' => ['8 mm', Unit::Metre, 0.008];
        yield 'centimetres, as rulers have them' => ['16 cm', Unit::Metre, 0.16];
        yield 'centimetres without a blank' => ['2.5cm', Unit::Metre, 0.025];
        yield 'metres' => ['5 m', Unit::Metre, 5.0];
        yield 'no unit' => ['470', Unit::Ohm, 470.0];
        yield 'true minus' => ["\u{2212}10 °C", Unit::Celsius, -10.0];
        yield 'blank that does not break' => ["1.5\u{A0}kΩ", Unit::Ohm, 1500.0];
        yield 'exponent' => ['1e3', Unit::Ohm, 1000.0];
        yield 'ratio' => ['0.75', Unit::Ratio, 0.75];
    }

    #[DataProvider('spellings')]
    public function testReadsWhatMakersWrite(string $text, Unit $unit, float $value): void
    {
        self::assertEqualsWithDelta($value, QuantityParser::parse($text, $unit), abs($value) * 1e-4);
    }

    /**
     * @return iterable<string, array{string, Unit, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'words' => ['a lot', Unit::Ohm, '“a lot” cannot be read as a resistance in ohms. Write it like 4k7 or 470 Ω.'];
        yield 'two prefixes' => ['4kk7', Unit::Ohm, '“4kk7” cannot be read as a resistance in ohms. Write it like 4k7 or 470 Ω.'];
        yield 'two points' => ['1.2.3', Unit::Volt, '“1.2.3” cannot be read as a voltage in volts. Write it like 5 V or 3.3 V.'];
        yield 'other unit' => [
            '5 V',
            Unit::Ohm,
            '“5 V” is a voltage in volts, but a resistance in ohms is expected. Write it like 4k7 or 470 Ω.',
        ];
        yield 'empty' => ['', Unit::Watt, '“” cannot be read as a power in watts. Write it like 0.36 W or 1.2 kW.'];
        yield 'bare section' => [
            '1.5',
            Unit::SquareMetre,
            '“1.5” cannot be read as a conductor cross-section in mm² or AWG. Write it like 1.5 mm² or 16 AWG.',
        ];
        yield 'markup' => ['<b>', Unit::Volt, '“<b>” cannot be read as a voltage in volts. Write it like 5 V or 3.3 V.'];
        yield 'infinite' => [
            '1e99 GΩ',
            Unit::Celsius,
            '“1e99 GΩ” is a resistance in ohms, but a temperature in °C is expected. Write it like 40 °C.',
        ];
    }

    #[DataProvider('nonsense')]
    public function testRefusesNonsenseWithASentence(string $text, Unit $unit, string $sentence): void
    {
        $this->expectExceptionObject(new NotAQuantity($sentence));
        QuantityParser::parse($text, $unit);
    }

    public function testFilesTakeOneSpellingOnly(): void
    {
        self::assertSame(0.0714, QuantityParser::parseWritten('71.4 mA', Unit::Ampere));
        foreach (['71.4mA', '71,4 mA', '71.4 milliamps', '0.0714', '71.4 mV'] as $text) {
            try {
                QuantityParser::parseWritten($text, Unit::Ampere);
                self::fail($text . ' was taken.');
            } catch (NotAQuantity $refused) {
                self::assertStringContainsString($text, $refused->getMessage());
            }
        }
    }

    public function testWrittenFormGivesTheSameFloatBack(): void
    {
        // A spread of awkward floats over all prefixes, from a fixed sequence.
        $x = 0.37;
        for ($i = 0; $i < 2000; ++$i) {
            $x = fmod($x * 997.13 + 0.1234567, 1.0);
            $value = ($x - 0.3) * 10 ** ($i % 20 - 12);
            $text = QuantityPrinter::written($value, Unit::Ampere);
            self::assertSame($value, QuantityParser::parseWritten($text, Unit::Ampere), $text);
        }
    }

    public function testPrintsForPeople(): void
    {
        self::assertSame('71.4 mA', QuantityPrinter::rounded(0.0714285, Unit::Ampere));
        self::assertSame('4.7 kΩ', QuantityPrinter::rounded(4700.0, Unit::Ohm));
        self::assertSame('1 kΩ', QuantityPrinter::rounded(999.6, Unit::Ohm));
        self::assertSame('230 V', QuantityPrinter::rounded(230.0, Unit::Volt));
        self::assertSame("\u{2212}12 °C", QuantityPrinter::rounded(-12.0, Unit::Celsius));
        self::assertSame('×1.16', QuantityPrinter::rounded(1.1649, Unit::Ratio));
        self::assertSame('1.5 mm²', QuantityPrinter::rounded(1.5e-6, Unit::SquareMetre));
        self::assertSame('0 V', QuantityPrinter::rounded(0.0, Unit::Volt));
        self::assertSame('unlimited', QuantityPrinter::rounded(INF, Unit::Ratio));
    }

    public function testSpreadKeepsItsOrder(): void
    {
        $spread = Spread::tolerance(70.0, 0.1);
        self::assertSame([63.0, 70.0, 77.0], [$spread->min, $spread->typ, $spread->max]);
        $this->expectException(\InvalidArgumentException::class);
        new Spread(2.0, 1.0, 3.0);
    }

    /** IEC 60063, E12, from memory. */
    public function testPreferredValuesAreThoseOfE12(): void
    {
        self::assertSame(
            [1000.0, 820.0, 680.0, 560.0, 470.0, 390.0, 330.0, 270.0, 220.0, 180.0, 150.0, 120.0, 100.0],
            PreferredValues::e12Between(100.0, 1000.0),
        );
    }

    /** IEC 60063, E24, from memory; the series is also what rounding ten to the n/24 gives, save for the eight values that history left. */
    public function testE24IsTheRoundedGeometricSeriesButForEightValues(): void
    {
        $series = array_reverse(PreferredValues::e24Between(10.0, 99.0));
        self::assertCount(24, $series);
        $other = [];
        foreach ($series as $place => $value) {
            $rounded = round(10 ** (1 + $place / 24));
            if ($rounded !== $value) {
                $other[(int) $value] = (int) ($value - $rounded);
            }
        }
        self::assertSame([27 => 1, 30 => 1, 33 => 1, 36 => 1, 39 => 1, 43 => 1, 47 => 1, 82 => -1], $other);
    }
}

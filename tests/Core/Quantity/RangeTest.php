<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Quantity;

use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Range;
use IronLatch\Core\Quantity\Unit;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Between which values a quantity makes sense. */
final class RangeTest extends TestCase
{
    /** Whatever lies within a range can be written to a file and read back to the last bit. */
    public function testEveryNumberThatCanBeWrittenCanBeRead(): void
    {
        $dice = new Randomizer(new Mt19937(14));
        foreach (Unit::cases() as $unit) {
            $range = Range::of($unit);
            $values = [$range->least, $range->most, 0.0, 1e-15, -1e-15, 1 / 3, 2 / 3 * 1e-12];
            for ($number = 0; $number < 300; ++$number) {
                $share = $dice->getInt(0, 1_000_000_000) / 1e9;
                $values[] = $range->least + $share * ($range->most - $range->least);
                $values[] = 10.0 ** (-15 + $share * (15 + log10($range->most)));
            }
            foreach (array_filter($values, static fn(float $value): bool => $range->holds($value)) as $value) {
                self::assertSame($value, QuantityParser::parseWritten(QuantityPrinter::written($value, $unit), $unit), $unit->value);
            }
        }
    }

    public function testBothEndsAndTheSlipOfAPrefix(): void
    {
        $range = new Range(0.0, 20e3, true, 'Take the figure from its rating plate.');
        self::assertSame([false, true, true, false, false, true], array_map($range->holds(...), [0.0, 1e-3, 20e3, 20.001e3, 9e-16, 1e-15]));
        self::assertSame(
            '“30 kW” is not possible here: a value lies above 0 W, up to 20 kW. Take the figure from its rating plate.',
            $range->refusal('30 kW', Unit::Watt),
        );
        self::assertTrue((new Range(0.0, 1.0))->holds(0.0));
        self::assertSame('from −60 °C to 250 °C', Range::of(Unit::Celsius)->said(Unit::Celsius));
    }
}

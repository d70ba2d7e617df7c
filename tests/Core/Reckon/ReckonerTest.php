<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Reckon;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Reckon\Reckoner;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReckonerTest extends TestCase
{
    /**
     * Worked by hand (from memory where no source is named).
     *
     * @return iterable<string, array{string, array<string, string>, array<string, float>}>
     */
    public static function worked(): iterable
    {
        yield 'forced gain 20 from 3.3 V into 71.4 mA: 3.57 mA, 714 Ω, so 680 Ω' => [
            'base-resistor',
            [],
            ['base current' => 3.57e-3, 'base resistor, at most' => 714.3, 'next smaller E12 value' => 680.0],
        ];
        yield 'forced gain 10: half of it' => [
            'base-resistor',
            ['gain' => '10'],
            ['base resistor, at most' => 357.1, 'next smaller E12 value' => 330.0],
        ];
        yield '4.7 kΩ from 3.3 V into a 70 Ω coil needs a gain near 130' => [
            'npn-stage',
            ['base' => '4k7', 'pinOhms' => '0.1 Ω'],
            ['gain that it needs' => 128.9, 'base current' => 0.554e-3],
        ];
        yield '10 kΩ against 45 kΩ: 0.6 V' => ['gate-divider', [], ['gate voltage' => 0.6]];
        yield '100 kΩ against 45 kΩ: 2.3 V' => ['gate-divider', ['pullDown' => '100k'], ['gate voltage' => 2.276]];
        yield 'a 12 V coil of 0.36 W: 400 Ω, 30 mA' => ['coil', ['volts' => '12 V'], ['coil resistance' => 400.0, 'coil current' => 0.03]];
        yield 'a 5 V coil at 60 °C after a long hold wants 4.85 V' => ['hot-coil', [], ['operate voltage, hot' => 4.847]];
        yield 'τ · ln((5 + 0.75) ÷ (1.75 + 0.75))' => [
            'flyback',
            [],
            ['greatest voltage at the switch' => 5.75, 'time constant' => 1.5e-3, 'time until it lets go' => 1.2494e-3],
        ];
        yield '5 ms + 1.25 ms − 2 ms' => ['contact-overlap', [], ['both closed for up to' => 4.25e-3, 'pause of twice that' => 8.5e-3]];
        yield 'an active-low module: about 2 mA on' => ['opto-input', [], ['current, pin low' => 1.95e-3]];
        yield 'seven coils through an array' => ['darlington-heat', [], ['heat' => 0.4998, 'junction' => 72.49]];
        yield '10 V over 10 mA' => [
            'led-resistor',
            [],
            ['resistor, at least' => 1000.0, 'next larger E12 value' => 1000.0, 'heat in the resistor' => 0.1],
        ];
        yield '1.3 V over 5 mA, 40 Ω of it in the pin: 220 Ω, 220 Ω, 5 mA' => [
            'led-resistor',
            ['supply' => '3.3 V', 'current' => '5 mA', 'pinOhms' => '40 Ω'],
            ['resistor, at least' => 220.0, 'next larger E12 value' => 220.0, 'current with it' => 5e-3, 'heat in the resistor' => 5.5e-3],
        ];
        yield '1.3 V over 6 mA: 177 Ω, so 180 Ω and 5.9 mA' => [
            'led-resistor',
            ['supply' => '3.3 V', 'current' => '6 mA', 'pinOhms' => '40 Ω'],
            ['resistor, at least' => 176.67, 'next larger E12 value' => 180.0, 'current with it' => 1.3 / 220],
        ];
        yield '5 V to 3.3 V' => ['divider', [], ['middle' => 3.333, 'its resistance' => 666.7]];
        yield 'the least pull-up at 3.3 V is 967 Ω, the greatest at 200 pF and 100 kHz 5.9 kΩ (UM10204)' => [
            'i2c-pull-up',
            [],
            ['least pull-up' => 966.7, 'greatest pull-up' => 5901.1],
        ];
        yield '7805 from 12 V at 65 K/W: 0.2 A at 34 °C, all at 125 °C, its own current left aside' => [
            'regulator-heat',
            ['quiet' => '0'],
            ['heat' => 1.4, 'junction' => 125.0, 'current at the limit' => 0.2],
        ];
        yield '5 mA of its own from 12 V: 60 mW more, 3.9 K, and 8.6 mA less' => [
            'regulator-heat',
            [],
            ['heat' => 1.46, 'junction' => 128.9, 'current at the limit' => 0.19143],
        ];
        yield 'the same at 50 °C: 0.165 A' => ['regulator-heat', ['quiet' => '0', 'air' => '50 °C'], ['current at the limit' => 0.16484]];
        yield 'the same at 70 °C: 0.12 A' => ['regulator-heat', ['quiet' => '0', 'air' => '70 °C'], ['current at the limit' => 0.12088]];
        yield 'a carrier fed 12 V burns 8.7 V · 0.15 A' => [
            'regulator-heat',
            ['quiet' => '0', 'output' => '3.3 V', 'current' => '0.15 A'],
            ['heat' => 1.305],
        ];
        yield '4.4 V is just enough for 3.3 V and 1.1 V' => [
            'low-drop',
            ['input' => '4.5 V'],
            ['to spare' => 0.1, 'lowest input that suffices' => 4.4],
        ];
        yield '4 W out, 88 %' => ['step-down', [], ['input current' => 0.37879, 'heat' => 0.54545, 'heat of a linear one' => 5.6]];
        yield '5 V of fall through 20 Ω, of which 0.4625 V may go: 5 ms ÷ (20 Ω · 0.0970)' => [
            'reservoir',
            [],
            ['capacitance, at least' => 2.5767e-3, 'next larger E6 value' => 3.3e-3],
        ];
        yield '0.25 A for 5 ms from a source that gives nothing: 1.25 mC over 0.4625 V' => [
            'reservoir',
            ['source' => '1 MΩ'],
            ['capacitance, at least' => 2.7027e-3, 'next larger E6 value' => 3.3e-3],
        ];
        yield '500 mAh at 80 mA, 0.3 A over 1.7 Ω' => ['battery-life', [], ['time' => 6.25, 'voltage at the peak' => 8.49]];
        yield '10 m of 0.5 mm²: 0.345 Ω by ρ, 0.39 Ω by IEC 60228 class 5' => [
            'cable-drop',
            [],
            ['resistance, there and back' => 0.34483, 'drop, at most' => 0.312, 'left at the end' => 11.688],
        ];
        yield '10 A, 10 K, outside, one ounce: about 7.2 mm (IPC-2221)' => [
            'track-width',
            [],
            ['width, outside' => 7.194e-3, 'width, inside the board' => 18.714e-3],
        ];
        yield '9 A: 1 mm², 3.51 V along 10 m' => [
            'conductor',
            [],
            ['cross-section, at least' => 1e-6, 'falls along it' => 3.51, 'of the mains' => 1.5261],
        ];
        yield '4.2 A on 0.75 mm²: 5 A' => ['fuse', [], ['fuse' => 5.0]];
        yield '230 V, category II: 1.5 and 3 mm, 2.5 and 5 mm' => [
            'distances',
            [],
            [
                'basic clearance' => 1.5e-3,
                'basic creepage' => 2.5e-3,
                'reinforced clearance' => 3e-3,
                'reinforced creepage' => 5e-3,
                'a slot counts from' => 1e-3,
            ],
        ];
        yield '100 nF leak 7.2 mA at 230 V 50 Hz' => ['snubber', [], ['leakage' => 7.222e-3, 'peak at closing' => 3.2527]];
        yield '2.2 µF: a bleeder of about 170 kΩ at the corner, 148 A from empty and more than twice that when charged' => [
            'capacitor-stage',
            [],
            [
                'bleeder, at most' => 168.24e3,
                'peak at closing, from empty' => 147.85,
                'peak at closing, charged with the other sign' => 342.83,
            ],
        ];
        yield '3.5 W through 612 cm²' => [
            'box-air',
            [],
            ['air inside' => 25 + 3.5 / (5.5 * 0.0612), 'box over room' => 1 / (5.5 * 0.0612)],
        ];
        yield 'IEC 60063' => ['preferred-value', ['ohms' => '1050'], ['nearest of E12' => 1000.0, 'nearest of E24' => 1100.0]];
    }

    /**
     * @param array<string, string> $written
     * @param array<string, float> $expected
     */
    #[DataProvider('worked')]
    public function testWorkedValues(string $kind, array $written, array $expected): void
    {
        $figures = [];
        foreach (Reckoner::all()[$kind]->reckon($written) as $figure) {
            $figures[$figure->label] = $figure->value;
        }
        foreach ($expected as $label => $value) {
            self::assertEqualsWithDelta(
                $value,
                $figures[$label],
                abs($value) * ('npn-stage' === $kind || 'opto-input' === $kind ? 0.05 : 1e-3),
                $label,
            );
        }
    }

    public function testEveryCalculationWorksAsItStandsAndNamesItsSource(): void
    {
        foreach (Reckoner::all() as $kind => $calculation) {
            $figures = $calculation->reckon([]);
            self::assertNotSame([], $figures, $kind);
            self::assertSame(
                [],
                array_filter(
                    $figures,
                    static fn(Figure $figure): bool => !is_finite($figure->value) || '' === $figure->source || '' === $figure->formula,
                ),
                $kind,
            );
        }
    }

    /** Every input refuses what lies outside its bounds, and says which they are. */
    public function testImpossibleValuesAreRefusedInPlainWords(): void
    {
        foreach (Reckoner::all() as $kind => $calculation) {
            foreach ($calculation->inputs as $name => $input) {
                try {
                    // A cross-section is not written without its unit.
                    $calculation->reckon([$name => '1e30' . (Unit::SquareMetre === $input->unit ? ' mm²' : '')]);
                    self::fail("$kind takes 1e30 for $name");
                } catch (\InvalidArgumentException $refused) {
                    self::assertStringStartsWith($input->label . ' lies between ', $refused->getMessage());
                }
            }
        }
    }

    public function testAPinBelowTheJunctionGivesNoBaseResistor(): void
    {
        $this->expectExceptionMessage('The pin must be higher than the base–emitter voltage, or no base current flows at all.');
        Reckoner::all()['base-resistor']->reckon(['pin' => '0.5 V']);
    }

    /**
     * @return iterable<string, array{string, array<string, string>, string}>
     */
    public static function absurd(): iterable
    {
        yield 'a bus that no resistor suits' => [
            'i2c-pull-up',
            ['hertz' => '400k', 'farads' => '400p'],
            'No pull-up fits: it would have to be at least 967 Ω (so that 3 mA pull the bus low) and at most 885 Ω',
        ];
        yield 'a junction as hot as a furnace' => ['regulator-heat', ['current' => '20 A'], 'junction would come out as'];
        yield 'a battery for ever' => ['battery-life', ['capacity' => '1000 Ah', 'current' => '1 µA'], 'time would come out as'];
        yield 'half a channel' => ['darlington-heat', ['channels' => '2.5'], 'Channels on are counted: write a whole number.'];
        yield 'a pin that has too much resistance' => [
            'led-resistor',
            ['supply' => '3.3 V', 'current' => '20 mA', 'pinOhms' => '100'],
            'lets no more than 13 mA through',
        ];
        yield 'a source that is firm enough' => ['reservoir', ['source' => '1 Ω'], 'The source alone falls by 250 mV and no more'];
    }

    /**
     * @param array<string, string> $written
     */
    #[DataProvider('absurd')]
    public function testAbsurdResultsAreRefusedInWords(string $kind, array $written, string $message): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage($message);
        Reckoner::all()[$kind]->reckon($written);
    }

    /** Just below where it is refused, the bus has a resistor: 345 pF at 400 kHz leave 1026 Ω. */
    public function testABusThatJustHasAPullUp(): void
    {
        self::assertGreaterThan(966.7, Reckoner::all()['i2c-pull-up']->reckon(['hertz' => '400k', 'farads' => '345p'])[1]->value);
    }

    public function testAnUnknownNameIsAnsweredWithTheNamesThereAre(): void
    {
        $this->expectExceptionMessage('This calculation knows no “ohm”. It takes: supply, upper, lower.');
        Reckoner::all()['divider']->reckon(['ohm' => '1k']);
    }
}

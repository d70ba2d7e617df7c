<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/**
 * A unit that a fact of the trade is written in.
 *
 * Inside the program every figure is in SI (an area in m²); the case value is the symbol written behind the prefix.
 */
enum Unit: string
{
    case Volt = 'V';
    case Ampere = 'A';
    case Ohm = 'Ω';
    case Watt = 'W';
    case Farad = 'F';
    case Henry = 'H';
    case Metre = 'm';
    case SquareMetre = 'm²';
    case CubicMetre = 'm³';
    case Second = 's';
    case Hertz = 'Hz';
    case Celsius = '°C';
    case Ratio = '×';
    case Percent = '%';
    case Euro = '€';
    case KelvinPerWatt = 'K/W';
    case AmpereHour = 'Ah';
    case WattHour = 'Wh';
    case Hour = 'h';

    /** What is measured, for a sentence such as "a resistance is expected". In one piece: a table. */
    public function measures(): string
    {
        return match ($this) {
            self::Volt => 'a voltage in volts',
            self::Ampere => 'a current in amperes',
            self::Ohm => 'a resistance in ohms',
            self::Watt => 'a power in watts',
            self::Farad => 'a capacitance in farads',
            self::Henry => 'an inductance in henries',
            self::Metre => 'a length in metres or millimetres',
            self::SquareMetre => 'a conductor cross-section in mm² or AWG',
            self::CubicMetre => 'a volume in cm³ or in³',
            self::Second => 'a time in seconds',
            self::Hertz => 'a frequency in hertz',
            self::Celsius => 'a temperature in °C',
            self::Ratio => 'a plain ratio',
            self::Percent => 'a percentage',
            self::Euro => 'a price in euros',
            self::KelvinPerWatt => 'a thermal resistance in K/W',
            self::AmpereHour => 'a charge in ampere-hours',
            self::WattHour => 'an energy in watt-hours',
            self::Hour => 'a time in hours',
        };
    }

    /** A well-formed example, for the same sentence. In one piece: a table. */
    public function example(): string
    {
        return match ($this) {
            self::Volt => '5 V or 3.3 V',
            self::Ampere => '1.5 A or 20 mA',
            self::Ohm => '4k7 or 470 Ω',
            self::Watt => '0.36 W or 1.2 kW',
            self::Farad => '100n or 4.7 µF',
            self::Henry => '105 mH',
            self::Metre => '8 mm or 1.2 m',
            self::SquareMetre => '1.5 mm² or 16 AWG',
            self::CubicMetre => '295 cm³ or 18 in³',
            self::Second => '20 ms or 5 s',
            self::Hertz => '50 Hz or 38 kHz',
            self::Celsius => '40 °C',
            self::Ratio => '0.75',
            self::Percent => '80 %',
            self::Euro => '4.50 €',
            self::KelvinPerWatt => '65 K/W',
            self::AmpereHour => '500 mAh',
            self::WattHour => '1.2 kWh',
            self::Hour => '4 h',
        };
    }

    /** Whether engineering prefixes (k, m, µ …) are written before the symbol. */
    public function takesPrefix(): bool
    {
        return !in_array(
            $this,
            [
                self::Celsius,
                self::Ratio,
                self::Percent,
                self::SquareMetre,
                self::CubicMetre,
                self::Euro,
                self::KelvinPerWatt,
                self::Hour,
            ],
            true,
        );
    }

    /** The one unit of areas and volumes that files and people use: mm², cm³, each a millionth; null for all others. */
    public function millionth(): ?string
    {
        return match ($this) {
            self::SquareMetre => 'mm²',
            self::CubicMetre => 'cm³',
            default => null,
        };
    }

    /**
     * Spellings that people write for this unit, apart from its symbol.
     *
     * In one piece: a table.
     *
     * @return list<string>
     */
    public function spellings(): array
    {
        return match ($this) {
            self::Volt => ['V', 'volt', 'volts'],
            self::Ampere => ['A', 'amp', 'amps', 'ampere', 'amperes'],
            // U+03A9 is what we print; U+2126 is the same sign at its other place in Unicode.
            self::Ohm => ['Ω', "\u{2126}", 'ohm', 'ohms', 'Ohm', 'Ohms', 'R'],
            self::Watt => ['W', 'watt', 'watts'],
            self::Farad => ['F', 'farad', 'farads'],
            self::Henry => ['H', 'henry', 'henries'],
            self::Metre => ['m', 'metre', 'metres', 'meter', 'meters'],
            self::SquareMetre => ['mm²', 'mm2', 'mm^2', 'sqmm'],
            self::CubicMetre => ['cm³', 'cm3', 'cm^3', 'ml'],
            self::Second => ['s', 'sec', 'second', 'seconds'],
            self::Hertz => ['Hz', 'hz', 'hertz'],
            self::Celsius => ['°C', 'C', 'degC', '° C'],
            self::Ratio => ['×', 'x'],
            self::Percent => ['%', 'percent'],
            self::Euro => ['€', 'EUR', 'euro', 'euros'],
            self::KelvinPerWatt => ['K/W', '°C/W', 'C/W'],
            self::AmpereHour => ['Ah'],
            self::WattHour => ['Wh'],
            self::Hour => ['h', 'hour', 'hours'],
        };
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Silicon;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** The margins that every kind of driver has: of its pin, its coil and the part that switches. */
final class HandOff
{
    /** How much a coil warms itself in a long hold (house rule, from memory). */
    public const COIL_RISE_KELVIN = 35.0;
    public const NOMINAL = 'typical values, 20 °C';
    public const MODEL = 'operating point, transistors by the Ebers–Moll transport model; pin as its supply behind (VDD − V_OH) ÷ '
        . 'rated current';
    public const OHM = 'Ohm’s law';

    /** Pull-in once more after a long hold: the coil has warmed itself and wants a higher voltage. */
    public static function hotRestart(Relay $relay, float $volts, float $worstVolts, float $ambient): Margin
    {
        $celsius = $ambient + self::COIL_RISE_KELVIN;
        $needed = $relay->operateVolts($celsius);
        $inputs = [
            sprintf(
                'coil at %s: %s of air and %s of its own',
                QuantityPrinter::rounded($celsius, Unit::Celsius),
                QuantityPrinter::rounded($ambient, Unit::Celsius),
                QuantityPrinter::rounded(self::COIL_RISE_KELVIN, Unit::Celsius),
            ),
            'V_operate = ' . QuantityPrinter::rounded($needed, Unit::Volt) . ', that at 20 °C · (1 + 0.0039·ΔT)',
        ];
        $source = 'copper, 0.39 %/K; 35 K of the coil’s own heat, from memory';

        return new Margin(
            (new Figure(
                'coil voltage over hot operate voltage',
                $volts / $needed,
                Unit::Ratio,
                'V_coil ÷ V_operate',
                [...$inputs, 'V_coil = ' . QuantityPrinter::rounded($volts, Unit::Volt)],
                'typical values, coil hot',
                $source,
            ))->outOf($volts, $needed, Unit::Volt),
            (new Figure(
                'coil voltage over hot operate voltage',
                $worstVolts / $needed,
                Unit::Ratio,
                'V_coil ÷ V_operate',
                [...$inputs, 'V_coil = ' . QuantityPrinter::rounded($worstVolts, Unit::Volt)],
                'the corner that hurts, coil hot',
                $source,
            ))->outOf($worstVolts, $needed, Unit::Volt),
        );
    }

    /** What is left on the coil while the pin is at its off level, against the voltage at which the relay must have released. */
    public static function releases(Relay $relay, float $volts, float $worstVolts, float $ambient): Margin
    {
        $limit = $relay->releaseRatio * $relay->coilVolts;
        $figure = static fn(float $left, string $corner): Figure => (new Figure(
            'release voltage over what is left',
            $limit / max($left, 1e-6),
            Unit::Ratio,
            'V_release ÷ V_coil',
            ['V_release = ' . QuantityPrinter::rounded($limit, Unit::Volt), 'V_coil = ' . QuantityPrinter::rounded($left, Unit::Volt)],
            $corner,
            self::MODEL,
        ))->outOf($limit, $left, Unit::Volt);

        return new Margin(
            $figure($volts, self::NOMINAL),
            $figure(
                $worstVolts,
                sprintf(
                    'greatest gain at %s, pin at its worst off level',
                    QuantityPrinter::rounded(Warmth::warmest($ambient), Unit::Celsius),
                ),
            ),
        );
    }

    public static function pinBears(Silicon $silicon, float $amps, Figure $greatest): Margin
    {
        $inputs = [
            'I_permitted = ' . QuantityPrinter::rounded($silicon->electrics->plannedPinAmps, Unit::Ampere),
            'I_pin = ' . QuantityPrinter::rounded($amps, Unit::Ampere) . ', at most ' . $greatest->printed(),
        ];
        $source = 'limits of ' . $silicon->identity->name . ', ' . $silicon->identity->basis->words();

        return new Margin(
            new Figure(
                'permitted over actual pin current',
                $silicon->electrics->plannedPinAmps / max($amps, 1e-12),
                Unit::Ratio,
                'I_permitted ÷ I_pin',
                $inputs,
                self::NOMINAL,
                $source,
            ),
            new Figure(
                'permitted over actual pin current',
                $silicon->electrics->plannedPinAmps / max($greatest->value, 1e-12),
                Unit::Ratio,
                'I_permitted ÷ I_pin',
                $inputs,
                $greatest->corner,
                $source,
            ),
        );
    }

    /**
     * @param list<string> $inputs
     */
    public static function pullIn(
        Relay $relay,
        float $volts,
        float $worstVolts,
        float $ambient,
        array $inputs,
        string $worstCorner,
        string $source,
    ): Margin {
        $cold = $relay->operateVolts(20.0);
        $warm = $relay->operateVolts(max(20.0, $ambient));

        return new Margin(
            (new Figure(
                'coil voltage over operate voltage',
                $volts / $cold,
                Unit::Ratio,
                'V_coil ÷ V_operate',
                [
                    ...$inputs,
                    'V_coil = ' . QuantityPrinter::rounded($volts, Unit::Volt),
                    'V_operate = ' . QuantityPrinter::rounded($cold, Unit::Volt),
                ],
                self::NOMINAL,
                $source,
            ))->outOf($volts, $cold, Unit::Volt),
            (new Figure(
                'coil voltage over operate voltage',
                $worstVolts / $warm,
                Unit::Ratio,
                'V_coil ÷ V_operate',
                [
                    'V_coil = ' . QuantityPrinter::rounded($worstVolts, Unit::Volt),
                    'V_operate = ' . QuantityPrinter::rounded($warm, Unit::Volt) . ', that at 20 °C · (1 + 0.0039·ΔT)',
                ],
                $worstCorner,
                $source,
            ))->outOf($worstVolts, $warm, Unit::Volt),
        );
    }

    public static function switchBears(SwitchingPart $switch, Relay $relay, Spread $rail): Margin
    {
        $figure = static fn(float $amps, string $corner): Figure => (new Figure(
            'rated over actual current of the switch',
            $switch->ratedAmps() / $amps,
            Unit::Ratio,
            'I_rated ÷ I_coil',
            [
                'I_rated = ' . QuantityPrinter::rounded($switch->ratedAmps(), Unit::Ampere),
                'I_coil = ' . QuantityPrinter::rounded($amps, Unit::Ampere),
            ],
            $corner,
            $switch->identity()->name . ', ' . $switch->identity()->basis->words(),
        ))->outOf($switch->ratedAmps(), $amps, Unit::Ampere);

        return new Margin(
            $figure($rail->typ / $relay->coilResistance->typ, self::NOMINAL),
            $figure($rail->max / $relay->coilResistance->min, 'highest rail, lowest coil resistance'),
        );
    }

    public static function coilBears(Relay $relay, float $volts, float $greatestVolts, float $ambient): Margin
    {
        $cold = $relay->greatestCoilVolts(20.0);
        $warm = $relay->greatestCoilVolts(max(20.0, $ambient));
        $figure = static fn(float $limit, float $has, string $corner): Figure => (new Figure(
            'permitted over actual coil voltage',
            $limit / max($has, 1e-6),
            Unit::Ratio,
            'V_greatest ÷ V_coil',
            ['V_greatest = ' . QuantityPrinter::rounded($limit, Unit::Volt), 'V_coil = ' . QuantityPrinter::rounded($has, Unit::Volt)],
            $corner,
            $relay->identity->name . ', ' . $relay->identity->basis->words() . '; less in warm air',
        ))->outOf($has, $limit, Unit::Volt);

        return new Margin(
            $figure($cold, $volts, self::NOMINAL),
            $figure($warm, $greatestVolts, sprintf('highest rail, %s of air', QuantityPrinter::rounded($ambient, Unit::Celsius))),
        );
    }
}

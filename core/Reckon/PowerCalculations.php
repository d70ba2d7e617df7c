<?php

declare(strict_types=1);

namespace IronLatch\Core\Reckon;

use IronLatch\Core\Catalogue\BoxKind;
use IronLatch\Core\Catalogue\BoxWalls;
use IronLatch\Core\Catalogue\Copper;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** Calculations about rails, regulators, batteries and cables. */
final class PowerCalculations
{
    private const ENERGY = 'conservation of energy';

    /**
     * @return array<string, Calculation> by kind
     */
    public static function all(): array
    {
        return [
            'regulator-heat' => self::regulatorHeat(),
            'low-drop' => self::lowDrop(),
            'step-down' => self::stepDown(),
            'reservoir' => self::reservoir(),
            'battery-life' => self::batteryLife(),
            'cable-drop' => self::cableDrop(),
            'box-air' => self::boxAir(),
        ];
    }

    private static function regulatorHeat(): Calculation
    {
        return new Calculation('Heat of a linear regulator', 'What it burns, how hot it gets, and what current it carries at its limit.', [
            'input' => Working::volts('Input', '12 V'),
            'output' => Working::volts('Output', '5 V'),
            'current' => Working::amps('Current', '0.2 A'),
            'quiet' => new Input('Its own current', Unit::Ampere, '5 mA', 0.0, 0.1),
            'thermal' => new Input('Junction over air', Unit::KelvinPerWatt, '65 K/W', 0.5, 500.0),
            'air' => new Input('Air', Unit::Celsius, '34 °C', -40.0, 120.0),
            'limit' => new Input('Junction, at most', Unit::Celsius, '125 °C', 80.0, 200.0),
        ], static function (array $v): array {
            if ($v['input'] <= $v['output']) {
                throw new \InvalidArgumentException('The input must be higher than the output: a linear regulator only takes away.');
            }
            $quiet = $v['input'] * $v['quiet'];
            $watts = ($v['input'] - $v['output']) * $v['current'] + $quiet;
            $most = max(0.0, ($v['limit'] - $v['air']) / $v['thermal'] - $quiet) / ($v['input'] - $v['output']);

            return [
                Working::figure(
                    'heat',
                    $watts,
                    Unit::Watt,
                    '(V_in − V_out) · I + V_in · I_own',
                    [Working::said('I', $v['current'], Unit::Ampere), Working::said('I_own', $v['quiet'], Unit::Ampere)],
                    self::ENERGY,
                ),
                Working::figure(
                    'junction',
                    $v['air'] + $v['thermal'] * $watts,
                    Unit::Celsius,
                    'T_air + θ · P',
                    [Working::said('P', $watts, Unit::Watt)],
                    'thermal resistance',
                ),
                Working::figure(
                    'current at the limit',
                    $most,
                    Unit::Ampere,
                    '((T_max − T_air) ÷ θ − V_in · I_own) ÷ (V_in − V_out)',
                    [Working::said('θ', $v['thermal'], Unit::KelvinPerWatt)],
                    'thermal resistance',
                ),
                Working::figure(
                    'heat sink, at most',
                    max(0.0, ($v['limit'] - $v['air']) / max($watts, 1e-9) - 5.5),
                    Unit::KelvinPerWatt,
                    '(T_max − T_air) ÷ P − 5.5 K/W',
                    [],
                    '5 K/W junction to case and 0.5 K/W to the sink: usual for TO-220, from memory',
                ),
            ];
        });
    }

    private static function lowDrop(): Calculation
    {
        return new Calculation('Low-drop regulator', 'Whether its input suffices, and how long its rail may sag.', [
            'input' => Working::volts('Lowest input', '4.4 V'),
            'output' => Working::volts('Output', '3.3 V'),
            'drop' => Working::volts('Drop-out at the current', '1.1 V'),
        ], static fn(array $v): array => [
            Working::figure(
                'to spare',
                $v['input'] - $v['output'] - $v['drop'],
                Unit::Volt,
                'V_in − V_out − V_drop-out',
                [],
                'definition of the drop-out',
            ),
            Working::figure(
                'lowest input that suffices',
                $v['output'] + $v['drop'],
                Unit::Volt,
                'V_out + V_drop-out',
                [],
                'definition of the drop-out',
            ),
        ]);
    }

    private static function stepDown(): Calculation
    {
        return new Calculation('Step-down converter', 'What it takes from its input, and what it burns.', [
            'input' => Working::volts('Input', '12 V'),
            'output' => Working::volts('Output', '5 V'),
            'current' => Working::amps('Output current', '0.8 A'),
            'efficiency' => new Input('Efficiency', Unit::Percent, '88 %', 10.0, 100.0),
        ], static function (array $v): array {
            $out = $v['output'] * $v['current'];
            $in = $out / ($v['efficiency'] / 100);

            return [
                Working::figure(
                    'input current',
                    $in / max($v['input'], 1e-9),
                    Unit::Ampere,
                    'V_out · I ÷ (η · V_in)',
                    [Working::said('P_out', $out, Unit::Watt)],
                    self::ENERGY,
                ),
                Working::figure('heat', $in - $out, Unit::Watt, 'P_out · (1 ÷ η − 1)', [], self::ENERGY),
                Working::figure(
                    'heat of a linear one',
                    max(0.0, $v['input'] - $v['output']) * $v['current'],
                    Unit::Watt,
                    '(V_in − V_out) · I',
                    [],
                    self::ENERGY,
                ),
            ];
        });
    }

    private static function reservoir(): Calculation
    {
        return new Calculation('Reservoir capacitor', 'How much carries a burst that the source gives only in part: through its '
            . 'resistance, or not at all.', [
                'missing' => Working::amps('Current of the burst', '0.25 A'),
                'source' => new Input('Resistance of source and cable', Unit::Ohm, '20 Ω', 1e-3, 1e6),
                'seconds' => new Input('For', Unit::Second, '5 ms', 1e-6, 100.0),
                'drop' => new Input('Voltage that may go', Unit::Volt, '0.5 V', 1e-3, 100.0),
                'esr' => new Input('Series resistance', Unit::Ohm, '0.15 Ω', 0.0, 20.0),
            ], static function (array $v): array {
                $left = $v['drop'] - $v['missing'] * $v['esr'];
                if ($left <= 0) {
                    throw new \InvalidArgumentException(
                        'The series resistance alone takes more than may go. Use a capacitor of less resistance, or several.',
                    );
                }
                $full = $v['missing'] * $v['source'];
                if ($full <= $left) {
                    throw new \InvalidArgumentException(sprintf(
                        'The source alone falls by %s and no more: no capacitor is wanted for this.',
                        QuantityPrinter::rounded($full, Unit::Volt),
                    ));
                }
                $farads = $v['seconds'] / ($v['source'] * -log(1 - $left / $full));
                $next = array_reverse(PreferredValues::e6Between($farads, $farads * 10))[0] ?? $farads;

                return [
                    Working::figure(
                        'capacitance, at least',
                        $farads,
                        Unit::Farad,
                        't ÷ (R · −ln(1 − (ΔV − I · R_ESR) ÷ (I · R)))',
                        [Working::said('I · R_ESR', $v['missing'] * $v['esr'], Unit::Volt), Working::said('I · R', $full, Unit::Volt)],
                        'charging of a capacitor through a resistance; a source that gives nothing leaves I · t ÷ ΔV',
                    ),
                    Working::figure('next larger E6 value', $next, Unit::Farad, 'E6 series', [], 'IEC 60063'),
                ];
            });
    }

    private static function batteryLife(): Calculation
    {
        return new Calculation('Battery life', 'How long a battery lasts, and what its resistance takes.', [
            'capacity' => new Input('Capacity', Unit::AmpereHour, '500 mAh', 1e-3, 1000.0),
            'volts' => Working::volts('Voltage', '9 V'),
            'ohms' => new Input('Internal resistance', Unit::Ohm, '1.7 Ω', 0.0, 100.0),
            'current' => Working::amps('Average current', '80 mA'),
            'peak' => Working::amps('Peak current', '0.3 A'),
        ], static fn(array $v): array => [
            Working::figure('time', $v['capacity'] / $v['current'], Unit::Hour, 'capacity ÷ I', [], 'charge'),
            Working::figure(
                'voltage at the peak',
                max(0.0, $v['volts'] - $v['ohms'] * $v['peak']),
                Unit::Volt,
                'V − R · I',
                [Working::said('R', $v['ohms'], Unit::Ohm)],
            ),
        ]);
    }

    private static function cableDrop(): Calculation
    {
        return new Calculation('Cable drop', 'What a pair of wires keeps, there and back.', [
            'length' => new Input('Length, one way', Unit::Metre, '5 m', 0.01, 1000.0),
            'area' => new Input('Cross-section', Unit::SquareMetre, '0.5 mm²', 0.01e-6, 100e-6),
            'current' => Working::amps('Current', '0.8 A'),
            'volts' => Working::volts('Source', '12 V'),
        ], static function (array $v): array {
            $ohms = Copper::ohms(2 * $v['length'], $v['area']);
            $source = 'copper 1/58 Ω·mm²/m (IEC 60028), flexible conductors by IEC 60228 class 5, from memory';

            return [
                Working::figure(
                    'resistance, there and back',
                    $ohms->typ,
                    Unit::Ohm,
                    '2 · ρ · l ÷ A',
                    [Working::said('at most', $ohms->max, Unit::Ohm)],
                    $source,
                ),
                Working::figure(
                    'drop, at most',
                    $ohms->max * $v['current'],
                    Unit::Volt,
                    'R · I',
                    [Working::said('R', $ohms->max, Unit::Ohm)],
                    $source,
                ),
                Working::figure('left at the end', max(0.0, $v['volts'] - $ohms->max * $v['current']), Unit::Volt, 'V − R · I', []),
            ];
        });
    }

    private static function boxAir(): Calculation
    {
        return new Calculation('Air in a closed box', 'How warm it gets inside from the heat that stays in it.', [
            'watts' => new Input('Heat inside', Unit::Watt, '3.5 W', 0.0, 500.0),
            'length' => new Input('Length', Unit::Metre, '160 mm', 0.01, 3.0),
            'width' => new Input('Width', Unit::Metre, '120 mm', 0.01, 3.0),
            'height' => new Input('Height', Unit::Metre, '75 mm', 0.01, 3.0),
            'room' => new Input('Room', Unit::Celsius, '25 °C', -40.0, 80.0),
        ], static function (array $v): array {
            $area = BoxKind::Closed->squareMetres($v['length'], $v['width'], $v['height']);
            $rise = $v['watts'] / BoxKind::Closed->wattsPerKelvin($v['length'], $v['width'], $v['height']);
            $source = BoxWalls::SOURCE;

            return [
                Working::figure(
                    'air inside',
                    $v['room'] + $rise,
                    Unit::Celsius,
                    'T_room + P ÷ (h · A)',
                    [sprintf('A = %s', number_format($area * 1e4, 0, '.', '') . ' cm²')],
                    $source,
                ),
                Working::figure('box over room', $rise / max($v['watts'], 1e-9), Unit::KelvinPerWatt, '1 ÷ (h · A)', [], $source),
            ];
        });
    }
}

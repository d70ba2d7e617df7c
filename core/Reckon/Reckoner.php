<?php

declare(strict_types=1);

namespace IronLatch\Core\Reckon;

use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Drive\Circuit\NpnCircuit;
use IronLatch\Core\Drive\Circuit\NpnOperatingPoint;
use IronLatch\Core\Drive\Circuit\OptoInput;
use IronLatch\Core\Pins\I2cPullUp;
use IronLatch\Core\Pins\SelectorLadder;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** Every calculation of the desk as a small calculator of its own. */
final class Reckoner
{
    /**
     * @return array<string, Calculation> by kind
     */
    public static function all(): array
    {
        return [
            'base-resistor' => self::baseResistor(),
            'npn-stage' => self::npnStage(),
            'gate-divider' => self::gateDivider(),
            'coil' => self::coil(),
            'hot-coil' => self::hotCoil(),
            'flyback' => self::flyback(),
            'contact-overlap' => self::contactOverlap(),
            'opto-input' => self::optoInput(),
            'darlington-heat' => self::darlingtonHeat(),
            'led-resistor' => self::ledResistor(),
            'divider' => self::divider(),
            'pull-up-level' => self::pullUpLevel(),
            'i2c-pull-up' => self::i2cPullUp(),
            'selector-ladder' => self::selectorLadder(),
            'preferred-value' => self::preferredValue(),
            ...PowerCalculations::all(),
            ...MainsCalculations::all(),
        ];
    }

    private static function baseResistor(): Calculation
    {
        return new Calculation('Base resistor of an NPN', 'How large it may be for a coil current and a forced gain.', [
            'pin' => Working::volts('Pin, high', '3.3 V'),
            'junction' => new Input('Base–emitter voltage', Unit::Volt, '0.75 V', 0.3, 1.5),
            'coil' => Working::amps('Coil current', '71.4 mA'),
            'gain' => new Input('Forced gain', Unit::Ratio, '20', 1.0, 1000.0),
        ], static function (array $v): array {
            if ($v['pin'] <= $v['junction']) {
                throw new \InvalidArgumentException(
                    'The pin must be higher than the base–emitter voltage, or no base current flows at all.',
                );
            }
            $base = $v['coil'] / $v['gain'];
            $ohms = ($v['pin'] - $v['junction']) / $base;
            $fit = PreferredValues::e12Between(1.0, max(1.0, $ohms))[0] ?? $ohms;

            return [
                Working::figure(
                    'base current',
                    $base,
                    Unit::Ampere,
                    'I_C ÷ forced gain',
                    [Working::said('I_C', $v['coil'], Unit::Ampere), Working::said('forced gain', $v['gain'], Unit::Ratio)],
                    'definition of the forced gain',
                ),
                Working::figure(
                    'base resistor, at most',
                    $ohms,
                    Unit::Ohm,
                    '(V_pin − V_BE) ÷ I_B',
                    [Working::said('V_pin', $v['pin'], Unit::Volt), Working::said('V_BE', $v['junction'], Unit::Volt)],
                ),
                Working::figure('next smaller E12 value', $fit, Unit::Ohm, 'E12 series', [], 'IEC 60063'),
            ];
        });
    }

    private static function npnStage(): Calculation
    {
        return new Calculation('NPN low side, solved', 'The operating point with a coil in the collector.', [
            'pin' => Working::volts('Pin, high', '3.3 V'),
            'pinOhms' => Working::ohms('Pin resistance', '20 Ω'),
            'base' => Working::ohms('Base resistor', '470 Ω'),
            'rail' => new Input('Rail', Unit::Volt, '5 V', 0.5, 60.0),
            'coil' => Working::ohms('Coil', '70 Ω'),
            'gain' => new Input('Gain of the transistor', Unit::Ratio, '100', 1.0, 2000.0),
        ], static function (array $v): array {
            $point = NpnOperatingPoint::solve(new NpnCircuit(
                $v['pin'],
                $v['base'] + $v['pinOhms'],
                null,
                $v['rail'],
                $v['coil'],
                0.6,
                $v['gain'],
                4.0,
                1.4e-14,
            ));
            $source = 'Ebers–Moll transport model, I_S 0.014 pA, 0.6 Ω in the collector';

            return [
                Working::figure(
                    'coil voltage',
                    $point->coilVolts,
                    Unit::Volt,
                    'V_rail − V_CE',
                    [Working::said('V_CE', $point->collectorVolts, Unit::Volt)],
                    $source,
                ),
                Working::figure(
                    'base current',
                    $point->baseAmps,
                    Unit::Ampere,
                    '(V_pin − V_BE) ÷ (R_B + R_pin)',
                    [Working::said('V_BE', $point->baseVolts, Unit::Volt)],
                    $source,
                ),
                Working::figure(
                    'gain that it needs',
                    $v['rail'] / $v['coil'] / max($point->baseAmps, 1e-12),
                    Unit::Ratio,
                    '(V_rail ÷ R_coil) ÷ I_B',
                    [Working::said('I_C', $point->collectorAmps, Unit::Ampere)],
                    $source,
                ),
            ];
        });
    }

    private static function gateDivider(): Calculation
    {
        return new Calculation('Gate at reset', 'What a pull-up of the pin leaves on a gate with a pull-down.', [
            'supply' => Working::volts('Pin supply', '3.3 V'),
            'pullUp' => Working::ohms('Pull-up of the pin', '45 kΩ'),
            'pullDown' => Working::ohms('Pull-down at the gate', '10 kΩ'),
        ], static fn(array $v): array => [
            Working::figure(
                'gate voltage',
                $v['supply'] * $v['pullDown'] / ($v['pullUp'] + $v['pullDown']),
                Unit::Volt,
                'V · R_down ÷ (R_up + R_down)',
                [Working::said('R_up', $v['pullUp'], Unit::Ohm), Working::said('R_down', $v['pullDown'], Unit::Ohm)],
            ),
        ]);
    }

    private static function coil(): Calculation
    {
        return new Calculation('Coil', 'Resistance and current of a coil from its power.', [
            'volts' => new Input('Nominal voltage', Unit::Volt, '5 V', 0.5, 400.0),
            'watts' => new Input('Coil power', Unit::Watt, '0.36 W', 1e-3, 100.0),
        ], static fn(array $v): array => [
            Working::figure(
                'coil resistance',
                $v['volts'] ** 2 / $v['watts'],
                Unit::Ohm,
                'V² ÷ P',
                [Working::said('V', $v['volts'], Unit::Volt), Working::said('P', $v['watts'], Unit::Watt)],
            ),
            Working::figure('coil current', $v['watts'] / $v['volts'], Unit::Ampere, 'P ÷ V', []),
        ]);
    }

    private static function hotCoil(): Calculation
    {
        return new Calculation('Hot coil', 'The voltage that a warm coil wants to pull in.', [
            'volts' => new Input('Nominal voltage', Unit::Volt, '5 V', 0.5, 400.0),
            'share' => new Input('Must operate at, of nominal', Unit::Ratio, '0.75', 0.1, 1.0),
            'air' => new Input('Air at the coil', Unit::Celsius, '60 °C', -40.0, 125.0),
            'rise' => new Input('Its own heat', Unit::Celsius, '35 °C', 0.0, 120.0),
        ], static function (array $v): array {
            $kelvin = $v['air'] + $v['rise'] - 20;

            return [Working::figure(
                'operate voltage, hot',
                $v['share'] * $v['volts'] * (1 + Relay::COPPER_PER_KELVIN * $kelvin),
                Unit::Volt,
                'V_operate · (1 + 0.0039 · (T − 20 °C))',
                [
                    Working::said('V_operate', $v['share'] * $v['volts'], Unit::Volt),
                    Working::said('T', $v['air'] + $v['rise'], Unit::Celsius),
                ],
                'copper, 0.39 %/K',
            )];
        });
    }

    private static function flyback(): Calculation
    {
        return new Calculation('Switching a coil off', 'How long its current holds, with a diode or a diode and a zener.', [
            'rail' => new Input('Rail', Unit::Volt, '5 V', 0.5, 60.0),
            'coil' => Working::ohms('Coil', '70 Ω'),
            'henries' => new Input('Inductance of the coil', Unit::Henry, '105 mH', 1e-6, 100.0),
            'clamp' => new Input('Clamp voltage above the rail', Unit::Volt, '0.75 V', 0.1, 400.0),
            'hold' => new Input('Held down to, of the current', Unit::Ratio, '0.35', 0.01, 0.99),
        ], static function (array $v): array {
            $amps = $v['rail'] / $v['coil'];
            $seconds = $v['henries'] / $v['coil'];
            $against = $v['clamp'] / $v['coil'];

            return [
                Working::figure(
                    'greatest voltage at the switch',
                    $v['rail'] + $v['clamp'],
                    Unit::Volt,
                    'V_rail + V_clamp',
                    [Working::said('V_clamp', $v['clamp'], Unit::Volt)],
                ),
                Working::figure(
                    'time constant',
                    $seconds,
                    Unit::Second,
                    'L ÷ R',
                    [Working::said('L', $v['henries'], Unit::Henry), Working::said('R', $v['coil'], Unit::Ohm)],
                    'small relays have about 1.5 ms, from memory',
                ),
                Working::figure(
                    'time until it lets go',
                    $seconds * log(($amps + $against) / ($v['hold'] * $amps + $against)),
                    Unit::Second,
                    'τ · ln((I + V_clamp ÷ R) ÷ (I_hold + V_clamp ÷ R))',
                    [Working::said('I', $amps, Unit::Ampere), Working::said('τ', $seconds, Unit::Second)],
                    'exponential decay of an inductance',
                ),
            ];
        });
    }

    private static function contactOverlap(): Calculation
    {
        return new Calculation('Switching over', 'For how long two contacts may both be closed, and the pause that keeps them apart.', [
            'opens' => new Input('The first opens within', Unit::Second, '5 ms', 0.0, 10.0),
            'decay' => new Input('Its coil current holds for', Unit::Second, '1.25 ms', 0.0, 10.0),
            'closes' => new Input('The second closes after, at least', Unit::Second, '2 ms', 0.0, 10.0),
        ], static fn(array $v): array => [
            Working::figure(
                'both closed for up to',
                max(0.0, $v['opens'] + $v['decay'] - $v['closes']),
                Unit::Second,
                't_opens + t_holds − t_closes',
                [
                    Working::said('t_opens', $v['opens'], Unit::Second),
                    Working::said('t_holds', $v['decay'], Unit::Second),
                    Working::said('t_closes', $v['closes'], Unit::Second),
                ],
                'sum of times',
            ),
            Working::figure(
                'pause of twice that',
                2 * max(0.0, $v['opens'] + $v['decay'] - $v['closes']),
                Unit::Second,
                '2 · overlap',
                [],
                'factor 2: common practice',
            ),
        ]);
    }

    private static function optoInput(): Calculation
    {
        return new Calculation('Input of an opto module', 'Current with the pin low, and what is left with it high.', [
            'supply' => new Input('Module supply', Unit::Volt, '5 V', 1.0, 30.0),
            'series' => Working::ohms('Series resistor', '1 kΩ'),
            'leds' => new Input('LEDs in series, together at 2 mA', Unit::Volt, '3.05 V', 0.8, 6.0),
            'high' => Working::volts('Pin, high', '3.3 V'),
        ], static function (array $v): array {
            $leds = $v['leds'] > 1.6 ? 2 : 1;
            $inputs = [
                Working::said('V_supply', $v['supply'], Unit::Volt),
                Working::said('V_LEDs', $v['leds'], Unit::Volt),
                Working::said('R', $v['series'], Unit::Ohm),
            ];

            return [
                Working::figure(
                    'current, pin low',
                    OptoInput::amps($v['supply'], $v['series'], $v['leds'], $leds, 0.0, 15.0),
                    Unit::Ampere,
                    '(V_supply − V_LEDs − V_pin) ÷ R',
                    $inputs,
                    'series circuit with exponential LEDs',
                ),
                Working::figure(
                    'what is left, pin high',
                    OptoInput::amps($v['supply'], $v['series'], $v['leds'], $leds, $v['high'], 30.0),
                    Unit::Ampere,
                    '(V_supply − V_LEDs − V_pin) ÷ R',
                    $inputs,
                    'series circuit with exponential LEDs',
                ),
            ];
        });
    }

    private static function darlingtonHeat(): Calculation
    {
        return new Calculation('Heat of an array', 'The junction of a package with some channels on.', [
            'channels' => new Input('Channels on', Unit::Ratio, '7', 1.0, 16.0, true),
            'drop' => new Input('Drop of each', Unit::Volt, '1 V', 0.1, 5.0),
            'coil' => Working::amps('Coil current', '71.4 mA'),
            'thermal' => new Input('Kelvin per watt', Unit::Ratio, '65', 1.0, 500.0),
            'air' => new Input('Air', Unit::Celsius, '40 °C', -40.0, 125.0),
        ], static function (array $v): array {
            $watts = $v['channels'] * $v['drop'] * $v['coil'];

            return [
                Working::figure('heat', $watts, Unit::Watt, 'n · V · I', []),
                Working::figure(
                    'junction',
                    $v['air'] + $v['thermal'] * $watts,
                    Unit::Celsius,
                    'T_air + θ · P',
                    [Working::said('P', $watts, Unit::Watt)],
                    'thermal resistance',
                ),
            ];
        });
    }

    private static function ledResistor(): Calculation
    {
        return new Calculation('LED resistor', 'Its value, and the watts that it must bear.', [
            'supply' => new Input('Supply', Unit::Volt, '12 V', 1.0, 400.0),
            'led' => new Input('LED voltage', Unit::Volt, '2 V', 1.0, 5.0),
            'current' => Working::amps('Current', '10 mA'),
            'pinOhms' => new Input('Resistance of the pin that feeds it', Unit::Ohm, '0 Ω', 0.0, 10e3),
        ], static function (array $v): array {
            if ($v['supply'] <= $v['led']) {
                throw new \InvalidArgumentException('The supply must be higher than the LED voltage, or it stays dark.');
            }
            $across = $v['supply'] - $v['led'];
            $ohms = $across / $v['current'] - $v['pinOhms'];
            if ($ohms <= 0) {
                throw new \InvalidArgumentException(sprintf(
                    'The pin’s own resistance lets no more than %s through. Ask for less current, or feed the LED through a transistor.',
                    QuantityPrinter::rounded($across / $v['pinOhms'], Unit::Ampere),
                ));
            }
            $fit = array_reverse(PreferredValues::e12Between($ohms, 10 * $ohms))[0] ?? $ohms;
            $amps = $across / ($fit + $v['pinOhms']);

            return [
                Working::figure(
                    'resistor, at least',
                    $ohms,
                    Unit::Ohm,
                    '(V − V_F) ÷ I − R_pin',
                    [
                        Working::said('V', $v['supply'], Unit::Volt),
                        Working::said('V_F', $v['led'], Unit::Volt),
                        Working::said('R_pin', $v['pinOhms'], Unit::Ohm),
                    ],
                ),
                Working::figure('next larger E12 value', $fit, Unit::Ohm, 'E12 series', [], 'IEC 60063'),
                Working::figure(
                    'current with it',
                    $amps,
                    Unit::Ampere,
                    '(V − V_F) ÷ (R + R_pin)',
                    [Working::said('R', $fit, Unit::Ohm)],
                ),
                Working::figure('heat in the resistor', $amps ** 2 * $fit, Unit::Watt, 'I² · R', []),
            ];
        });
    }

    private static function divider(): Calculation
    {
        return new Calculation('Divider', 'The middle of two resistors, as from a 5 V output to a 3.3 V input.', [
            'supply' => Working::volts('Above', '5 V'),
            'upper' => Working::ohms('Upper resistor', '1 kΩ'),
            'lower' => Working::ohms('Lower resistor', '2 kΩ'),
        ], static fn(array $v): array => [
            Working::figure(
                'middle',
                $v['supply'] * $v['lower'] / ($v['upper'] + $v['lower']),
                Unit::Volt,
                'V · R_lower ÷ (R_upper + R_lower)',
                [],
            ),
            Working::figure(
                'its resistance',
                $v['upper'] * $v['lower'] / ($v['upper'] + $v['lower']),
                Unit::Ohm,
                'R_upper ∥ R_lower',
                [],
            ),
        ]);
    }

    private static function pullUpLevel(): Calculation
    {
        return new Calculation('Open switch', 'The level of a wire behind its pull-up, and the current through the closed contact.', [
            'supply' => Working::volts('Pin supply', '3.3 V'),
            'pullUp' => Working::ohms('Pull-up', '4.7 kΩ'),
            'leakage' => new Input('Leakage', Unit::Ampere, '1 µA', 0.0, 0.01),
        ], static fn(array $v): array => [
            Working::figure('open level', $v['supply'] - $v['leakage'] * $v['pullUp'], Unit::Volt, 'V − I_leak · R', []),
            Working::figure(
                'wetting current',
                $v['supply'] / $v['pullUp'],
                Unit::Ampere,
                'V ÷ R',
                [],
                'a contact made for mains wants 1 mA or more (common practice)',
            ),
        ]);
    }

    private static function i2cPullUp(): Calculation
    {
        return new Calculation('I2C pull-up', 'The least and the greatest that a bus allows.', [
            'supply' => new Input('Bus supply', Unit::Volt, '3.3 V', 1.0, 5.5),
            'hertz' => new Input('Speed', Unit::Hertz, '100 kHz', 1e3, 400e3),
            'farads' => new Input('Bus capacitance', Unit::Farad, '200 pF', 1e-12, 1e-9),
        ], static function (array $v): array {
            $source = 'I2C-bus specification UM10204, section 7.1, from memory';
            [$least, $greatest] = [I2cPullUp::leastOhms($v['supply']), I2cPullUp::greatestOhms($v['hertz'], $v['farads'])];
            if ($least > $greatest) {
                throw new \InvalidArgumentException(sprintf(
                    'No pull-up fits: it would have to be at least %s (so that 3 mA pull the bus low) and at most %s (so that it rises in '
                        . 'time). Choose a slower speed, or a shorter bus with less capacitance.',
                    QuantityPrinter::rounded($least, Unit::Ohm),
                    QuantityPrinter::rounded($greatest, Unit::Ohm),
                ));
            }

            return [
                Working::figure(
                    'least pull-up',
                    $least,
                    Unit::Ohm,
                    '(V_DD − 0.4 V) ÷ 3 mA',
                    [Working::said('V_DD', $v['supply'], Unit::Volt)],
                    $source,
                ),
                Working::figure(
                    'greatest pull-up',
                    $greatest,
                    Unit::Ohm,
                    't_r ÷ (0.8473 · C)',
                    [Working::said('C', $v['farads'], Unit::Farad)],
                    $source,
                ),
            ];
        });
    }

    private static function selectorLadder(): Calculation
    {
        return new Calculation('Selector ladder', 'Resistors of a step selector on one analogue pin.', [
            'positions' => new Input('Positions', Unit::Ratio, '5', 2.0, 12.0, true),
        ], static function (array $v): array {
            $ladder = SelectorLadder::for((int) $v['positions']);
            $figures = [];
            foreach ($ladder->positions as $place => $one) {
                $figures[] = Working::figure(
                    sprintf('position %d, %s of the supply', $place + 1, number_format($one['level']->typ * 100, 1) . ' %'),
                    $one['ohms'],
                    Unit::Ohm,
                    'level = R ÷ (R + 10 kΩ)',
                    [],
                    'E24 series, IEC 60063',
                );
            }

            return [
                ...$figures,
                Working::figure(
                    'least gap between neighbours',
                    $ladder->gap * 100,
                    Unit::Percent,
                    'next level − this one − converter, at ±1 %',
                    [],
                    'converter taken as 3 % off, from memory',
                ),
            ];
        });
    }

    private static function preferredValue(): Calculation
    {
        return new Calculation('Preferred value', 'The nearest values of the E12 and E24 series.', [
            'ohms' => new Input('Wanted', Unit::Ohm, '1.05 kΩ', 0.1, 1e8),
        ], static function (array $v): array {
            $nearest = static function (array $series) use ($v): float {
                $best = $v['ohms'];
                $distance = INF;
                foreach ($series as $value) {
                    if (is_float($value) && abs(log($value / $v['ohms'])) < $distance) {
                        [$best, $distance] = [$value, abs(log($value / $v['ohms']))];
                    }
                }

                return $best;
            };

            return [
                Working::figure(
                    'nearest of E12',
                    $nearest(PreferredValues::e12Between($v['ohms'] / 2, $v['ohms'] * 2)),
                    Unit::Ohm,
                    'least ratio',
                    [],
                    'IEC 60063',
                ),
                Working::figure(
                    'nearest of E24',
                    $nearest(PreferredValues::e24Between($v['ohms'] / 2, $v['ohms'] * 2)),
                    Unit::Ohm,
                    'least ratio',
                    [],
                    'IEC 60063',
                ),
            ];
        });
    }
}

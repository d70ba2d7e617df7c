<?php

declare(strict_types=1);

namespace IronLatch\Core\Reckon;

use IronLatch\Core\Catalogue\Copper;
use IronLatch\Core\Catalogue\CordTable;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Mains\Ampacity;
use IronLatch\Core\Mains\CapacitorStage;
use IronLatch\Core\Mains\InsulationTables;
use IronLatch\Core\Mains\TrackCurrent;
use IronLatch\Core\Quantity\Unit;

/** Calculations about tracks, conductors, fuses, distances and snubbers of the mains side. */
final class MainsCalculations
{
    private const TRACK = 'IPC-2221, from memory';
    private const CORDS = 'IEC 60335-1, table of cross-sections; NEC table 400.5(A)(1); from memory';
    private const DISTANCES = 'IEC 60664-1, tables F.1, F.2 and F.4, material group III, up to 2000 m, from memory';

    /**
     * @return array<string, Calculation> by kind
     */
    public static function all(): array
    {
        return [
            'track-width' => self::trackWidth(),
            'conductor' => self::conductor(),
            'fuse' => self::fuse(),
            'distances' => self::distances(),
            'snubber' => self::snubber(),
            'capacitor-stage' => self::capacitorStage(),
        ];
    }

    private static function trackWidth(): Calculation
    {
        return new Calculation('Track on a board', 'How wide a track must be for a current, and what a track bears.', [
            'current' => Working::amps('Current', '10 A'),
            'rise' => new Input('Warmer than the board by', Unit::Celsius, '10 °C', 1.0, 100.0),
            'copper' => new Input('Copper', Unit::Metre, '35 µm', 5e-6, 1e-3),
            'width' => new Input('A track of', Unit::Metre, '5 mm', 0.05e-3, 0.2),
        ], static fn(array $v): array => [
            Working::figure(
                'width, outside',
                TrackCurrent::width($v['current'], $v['copper'], $v['rise'], false),
                Unit::Metre,
                '(I ÷ (0.048 · ΔT^0.44))^(1 ÷ 0.725) ÷ thickness',
                [],
                self::TRACK,
            ),
            Working::figure(
                'width, inside the board',
                TrackCurrent::width($v['current'], $v['copper'], $v['rise'], true),
                Unit::Metre,
                '(I ÷ (0.024 · ΔT^0.44))^(1 ÷ 0.725) ÷ thickness',
                [],
                self::TRACK,
            ),
            Working::figure(
                'current of the given track, outside',
                TrackCurrent::amps($v['width'], $v['copper'], $v['rise'], false),
                Unit::Ampere,
                '0.048 · ΔT^0.44 · A^0.725',
                [],
                self::TRACK,
            ),
        ]);
    }

    private static function conductor(): Calculation
    {
        return new Calculation('Mains conductor', 'The least cross-section for a current, and what falls along it.', [
            'current' => Working::amps('Current', '9 A'),
            'length' => new Input('Length, one way', Unit::Metre, '10 m', 0.0, 500.0),
            'volts' => Working::volts('Mains', '230 V'),
        ], static function (array $v): array {
            $area = Ampacity::least($v['current'], CordTable::Iec60335);
            if (null === $area) {
                throw new \InvalidArgumentException(
                    'No cord of these tables bears more than 32 A. That is work for fixed wiring and a licensed electrician.',
                );
            }
            $ohms = Copper::ohms(2 * $v['length'], $area);

            return [
                Working::figure('cross-section, at least', $area, Unit::SquareMetre, 'table by current', [], self::CORDS),
                Working::figure(
                    'falls along it',
                    $ohms->max * $v['current'],
                    Unit::Volt,
                    'R · I, there and back',
                    [Working::said('R', $ohms->max, Unit::Ohm)],
                    'IEC 60228 class 5, from memory',
                ),
                Working::figure(
                    'of the mains',
                    100 * $ohms->max * $v['current'] / max($v['volts'], 1e-9),
                    Unit::Percent,
                    'R · I ÷ U',
                    [],
                    'Ohm’s law',
                ),
            ];
        });
    }

    private static function fuse(): Calculation
    {
        return new Calculation('Mains fuse', 'The fuse that lies between a load and the conductor that it protects.', [
            'load' => Working::amps('All appliances together', '4.2 A'),
            'area' => new Input('Weakest conductor', Unit::SquareMetre, '0.75 mm²', 0.1e-6, 50e-6),
        ], static function (array $v): array {
            $bears = Ampacity::of($v['area'], CordTable::Iec60335);
            // IEC 60127 and usual cartridge ratings.
            foreach ([1.0, 2.0, 3.15, 5.0, 6.3, 10.0, 16.0, 20.0, 25.0, 32.0] as $rating) {
                if ($rating >= $v['load'] && $rating <= $bears) {
                    return [Working::figure(
                        'fuse',
                        $rating,
                        Unit::Ampere,
                        'I_load ≤ I_fuse ≤ I_conductor',
                        [Working::said('I_conductor', $bears, Unit::Ampere)],
                        self::CORDS,
                    )];
                }
            }
            throw new \InvalidArgumentException(sprintf(
                'No usual fuse lies between this load and the %s A that the conductor bears. Use a thicker one.',
                rtrim(rtrim(number_format($bears, 2, '.', ''), '0'), '.'),
            ));
        });
    }

    private static function distances(): Calculation
    {
        return new Calculation('Clearance and creepage', 'Between mains and what may be touched, by voltage and place.', [
            'volts' => new Input('Mains', Unit::Volt, '230 V', 12.0, 500.0),
            'category' => new Input('Overvoltage category (2 plug-in, 3 fixed)', Unit::Ratio, '2', 1.0, 4.0),
            'pollution' => new Input('Pollution degree', Unit::Ratio, '2', 1.0, 3.0),
        ], static function (array $v): array {
            $category = (int) round($v['category']);
            $pollution = (int) round($v['pollution']);
            $figures = [];
            foreach (['basic' => false, 'reinforced' => true] as $name => $reinforced) {
                $figures[] = Working::figure(
                    $name . ' clearance',
                    InsulationTables::clearance($v['volts'], $category, $pollution, $reinforced),
                    Unit::Metre,
                    'table F.2 by impulse voltage' . ($reinforced ? ', one step higher' : ''),
                    [Working::said('impulse', (float) InsulationTables::impulseVolts($v['volts'], $category), Unit::Volt)],
                    self::DISTANCES,
                );
                $figures[] = Working::figure(
                    $name . ' creepage',
                    InsulationTables::creepage($v['volts'], $category, $pollution, $reinforced),
                    Unit::Metre,
                    'table F.4 by working voltage' . ($reinforced ? ', doubled' : '') . ', no less than the clearance',
                    [],
                    self::DISTANCES,
                );
            }

            return [
                ...$figures,
                Working::figure(
                    'a slot counts from',
                    InsulationTables::leastSlotMetres($pollution),
                    Unit::Metre,
                    'by pollution degree',
                    [],
                    self::DISTANCES,
                ),
            ];
        });
    }

    private static function capacitorStage(): Calculation
    {
        return new Calculation('Fan step by a capacitor', 'A motor behind a series capacitor: current, voltages, bleeder and closing '
            . 'peak.', [
                'mains' => Working::volts('Mains', '230 V'),
                'hertz' => new Input('Frequency', Unit::Hertz, '50 Hz', 40.0, 70.0),
                'watts' => new Input('Motor, rated', Unit::Watt, '60 W', 1.0, 5e3),
                'factor' => new Input('Its power factor', Unit::Ratio, '0.9', 0.2, 1.0),
                'farads' => new Input('Series capacitor', Unit::Farad, '2.2 µF', 10e-9, 100e-6),
                'series' => new Input('Series resistor', Unit::Ohm, '2.2 Ω', 0.1, 1e3),
            ], static function (array $v): array {
                $stage = CapacitorStage::of($v['mains'], $v['hertz'], $v['mains'], $v['watts'], $v['factor'], $v['farads'], $v['series']);
                $source = 'motor as R and L in series; a real one slows down and changes both';

                $greatest = CapacitorStage::greatestCapacitorVolts(
                    $v['mains'],
                    $v['hertz'],
                    $v['watts'],
                    $v['factor'],
                    $v['farads'],
                    $v['series'],
                );
                $high = MainsSystem::HIGHEST_SHARE * $v['mains'];

                return [
                    Working::figure('current', $stage->amps, Unit::Ampere, 'U ÷ |R + jωL + 1 ÷ (jωC)|', [], $source),
                    Working::figure('voltage at the motor', $stage->motorVolts, Unit::Volt, 'I · |R + jωL|', [], $source),
                    Working::figure(
                        'voltage at the capacitor',
                        $stage->capacitorVolts,
                        Unit::Volt,
                        'I ÷ (ωC)',
                        [],
                        'motor-run capacitors for 400 V AC or more: class X2 is not for continuous series duty (common practice)',
                    ),
                    Working::figure(
                        'greatest voltage at the capacitor',
                        $greatest,
                        Unit::Volt,
                        '1.1 · I ÷ (ωC), C ± 10 %',
                        [Working::said('mains', $high, Unit::Volt)],
                        $source,
                    ),
                    Working::figure(
                        'bleeder, at most',
                        CapacitorStage::bleederOhms($greatest, (1 + CapacitorStage::TOLERANCE) * $v['farads']),
                        Unit::Ohm,
                        '1 s ÷ (1.1 · C · ln(√2 · U_C ÷ 34 V))',
                        [Working::said('U_C', $greatest, Unit::Volt)],
                        'IEC 60335-1, 34 V after one second, from memory',
                    ),
                    Working::figure(
                        'peak at closing, from empty',
                        CapacitorStage::closingAmps($v['mains'], $v['series']),
                        Unit::Ampere,
                        '√2 · U ÷ R_series',
                        [],
                    ),
                    Working::figure(
                        'peak at closing, charged with the other sign',
                        CapacitorStage::closingAmps($high, $v['series'], sqrt(2) * $greatest),
                        Unit::Ampere,
                        '√2 · (1.1 · U + U_C) ÷ R_series',
                        [Working::said('U_C', $greatest, Unit::Volt)],
                    ),
                ];
            });
    }

    private static function snubber(): Calculation
    {
        return new Calculation('Snubber', 'What leaks across the open contact, and what the closing contact sees.', [
            'farads' => new Input('Capacitor, class X2', Unit::Farad, '100 nF', 1e-10, 1e-5),
            'ohms' => Working::ohms('Resistor', '100 Ω'),
            'volts' => Working::volts('Mains', '230 V'),
            'hertz' => new Input('Frequency', Unit::Hertz, '50 Hz', 1.0, 1e3),
        ], static fn(array $v): array => [
            Working::figure(
                'leakage',
                $v['volts'] / sqrt($v['ohms'] ** 2 + (1 / (2 * M_PI * $v['hertz'] * $v['farads'])) ** 2),
                Unit::Ampere,
                'U ÷ |R + 1 ÷ (j · 2π · f · C)|',
                [],
                'impedance of R and C in series',
            ),
            Working::figure('peak at closing', sqrt(2) * $v['volts'] / $v['ohms'], Unit::Ampere, '√2 · U ÷ R', []),
        ]);
    }
}

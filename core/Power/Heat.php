<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Regulation;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Drive\Circuit\HandOff;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Drive\PackageHeat;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What warms itself on a board with everything on, and how hot it gets. */
final readonly class Heat
{
    /** Between a case and a heat sink, with paste (from memory). */
    public const SEAT_KELVIN_PER_WATT = 0.5;
    private const LAW = 'thermal resistance, T = T_air + θ · P';

    /**
     * @param list<HeatSpot> $spots
     */
    private function __construct(public array $spots) {}

    public static function of(Flows $flows, DriverAnalysis $drive): self
    {
        $board = $flows->board;
        $spots = [];
        foreach (array_keys($board->rails) as $id) {
            $from = $board->rails[$id]->from;
            $regulation = $board->regulation($id);
            $feeder = $board->feeder($id);
            if (null !== $from && null !== $regulation) {
                $spots[] = self::regulator(
                    $board,
                    $regulation,
                    $feeder->identity->name,
                    $id,
                    $from,
                    $flows->amps($id, Scenario::allOn()),
                    $board->rails[$id]->heatSinkKelvinPerWatt,
                );
            } elseif ($feeder instanceof Supply && SupplyForm::EncapsulatedModule === $feeder->form && null !== $feeder->efficiency) {
                $amps = $flows->amps($id, Scenario::allOn())->greatest;
                $spots[] = new HeatSpot(
                    $feeder->identity->name,
                    $id,
                    new Figure(
                        'heat in the module',
                        $amps * $feeder->output->typ * (1 / $feeder->efficiency - 1),
                        Unit::Watt,
                        'V · I · (1 ÷ η − 1)',
                        [
                            'I = ' . QuantityPrinter::rounded($amps, Unit::Ampere),
                            'η = ' . QuantityPrinter::rounded(100 * $feeder->efficiency, Unit::Percent),
                        ],
                        'greatest loads, all on',
                        $feeder->identity->name . ', ' . $feeder->identity->basis->words(),
                    ),
                    null,
                    null,
                    null,
                );
            }
        }
        $carrier = $board->controller()->carrier;
        if (null !== $carrier->regulator && $board->entry()->regulated) {
            $spots[] = self::regulator(
                $board,
                $carrier->regulator,
                'Regulator of the carrier',
                'board',
                $board->mcu->rail,
                $flows->amps(Draws::PINS, Scenario::allOn()),
                null,
            );
        }
        foreach (PackageHeat::of($board, $drive) as $package) {
            $watts = array_sum(array_map(
                static fn(string $id): float => $drive->results[$id]->switchWatts->value ?? 0.0,
                $package->actuators,
            ));
            $spots[] = new HeatSpot(
                $package->array->identity->name . ' ' . $package->package,
                $package->actuators[0],
                new Figure(
                    'heat in the array',
                    $watts,
                    Unit::Watt,
                    'Σ of what each channel keeps · its current',
                    [sprintf('%d channels', count($package->actuators))],
                    'all channels on, greatest drop and current',
                    self::LAW,
                ),
                self::celsius($board, $package->array->junctionKelvinPerWatt, $watts, $package->array->greatestCelsius),
                $package->array->greatestCelsius,
                $package->margin,
            );
        }
        $spots = [...$spots, ...self::coils($board, $drive)];
        usort(
            $spots,
            static fn(HeatSpot $a, HeatSpot $b): int => [$a->margin->worst->value ?? INF, -$a->watts->value] <=> [
                $b->margin->worst->value ?? INF,
                -$b->watts->value,
            ],
        );

        return new self($spots);
    }

    /** The part that is nearest to its limit; null when no part has one. */
    public function hottest(): ?HeatSpot
    {
        $first = $this->spots[0] ?? null;

        return null === $first?->margin ? null : $first;
    }

    /** All the heat that stays in the box. */
    public function watts(): float
    {
        return array_sum(array_map(static fn(HeatSpot $spot): float => $spot->watts->value, $this->spots));
    }

    /** The spot of what feeds a rail, or of “board”, the carrier’s own regulator. */
    public function at(string $subject): ?HeatSpot
    {
        foreach ($this->spots as $spot) {
            if ($spot->subject === $subject) {
                return $spot;
            }
        }

        return null;
    }

    private static function regulator(
        Board $board,
        Regulation $regulation,
        string $name,
        string $subject,
        string $from,
        Demand $amps,
        ?float $heatSink,
    ): HeatSpot {
        $in = $board->railVolts($from);
        $typical = $regulation->watts($amps->typical, $regulation->output->typ, $in->typ, false);
        $greatest = $regulation->watts($amps->greatest, $regulation->output->min, $in->max, true);
        $inputs = [
            'V_in = ' . QuantityPrinter::rounded($in->max, Unit::Volt),
            'V_out = ' . QuantityPrinter::rounded($regulation->output->min, Unit::Volt),
            'I = ' . QuantityPrinter::rounded($amps->greatest, Unit::Ampere),
            ...$regulation->kind->switches() ? [
                'P_out = ' . QuantityPrinter::rounded($amps->greatest * $regulation->output->min, Unit::Watt),
                'η = ' . QuantityPrinter::rounded(100 * $regulation->efficiency($amps->greatest, $in->max), Unit::Percent),
            ] : ['I_own = ' . QuantityPrinter::rounded($regulation->quietAmps->max, Unit::Ampere)],
        ];
        $watts = new Figure(
            'heat in the regulator',
            $greatest,
            Unit::Watt,
            $regulation->kind->switches() ? 'P_out · (1 ÷ η − 1)' : '(V_in − V_out) · I + V_in · I_own',
            $inputs,
            'greatest loads, all on, highest input',
            'conservation of energy',
        );
        $theta = null !== $heatSink && null !== $regulation->caseKelvinPerWatt
            ? $regulation->caseKelvinPerWatt + self::SEAT_KELVIN_PER_WATT + $heatSink
            : $regulation->airKelvinPerWatt;
        if (null === $theta) {
            return new HeatSpot($name, $subject, $watts, null, null, null);
        }
        $air = $board->ambientCelsius();
        $figure = static fn(float $heat, string $corner): Figure => new Figure(
            'permitted over actual rise of the junction',
            max(0.0, $regulation->greatestCelsius - $air) / max($theta * $heat, 1e-9),
            Unit::Ratio,
            '(T_max − T_air) ÷ (θ · P)',
            [
                'θ = ' . QuantityPrinter::rounded($theta, Unit::KelvinPerWatt) . (null === $heatSink ? '' : ' with the heat sink'),
                'P = ' . QuantityPrinter::rounded($heat, Unit::Watt),
                'T_max = ' . QuantityPrinter::rounded($regulation->greatestCelsius, Unit::Celsius),
                'T_air = ' . QuantityPrinter::rounded($air, Unit::Celsius),
            ],
            $corner,
            self::LAW,
        );

        return new HeatSpot(
            $name,
            $subject,
            $watts,
            self::celsius($board, $theta, $greatest, $regulation->greatestCelsius),
            $regulation->greatestCelsius,
            new Margin($figure($typical, 'typical loads, all on'), $figure($greatest, 'greatest loads, all on, highest input')),
        );
    }

    private static function celsius(Board $board, float $kelvinPerWatt, float $watts, float $limit): Figure
    {
        return new Figure(
            'junction',
            $board->ambientCelsius() + $kelvinPerWatt * $watts,
            Unit::Celsius,
            'T_air + θ · P',
            [
                'T_air = ' . QuantityPrinter::rounded($board->ambientCelsius(), Unit::Celsius),
                'θ = ' . QuantityPrinter::rounded($kelvinPerWatt, Unit::KelvinPerWatt),
                'P = ' . QuantityPrinter::rounded($watts, Unit::Watt),
                'at most ' . QuantityPrinter::rounded($limit, Unit::Celsius),
            ],
            'greatest loads, all on',
            self::LAW,
        );
    }

    /**
     * All coils together: they warm the box, and each lies 35 K above its air after a long hold.
     *
     * @return list<HeatSpot> at most one
     */
    private static function coils(Board $board, DriverAnalysis $drive): array
    {
        $watts = 0.0;
        $first = null;
        foreach ($board->actuators() as $id => $actuator) {
            if (null !== $actuator->relay && $board->relay($actuator)->isPlain()) {
                $first ??= $id;
                $watts += $board->relay($actuator)->coilResistance->typ
                    * ($drive->results[$id]->coilAmps->value * ($actuator->holdRatio ?? 1.0)) ** 2;
            }
        }
        if (null === $first) {
            return [];
        }

        return [new HeatSpot(
            'Coils, all on',
            $first,
            new Figure('heat in the coils', $watts, Unit::Watt, 'Σ I² · R', [], 'typical values, all on', 'Joule’s law'),
            new Figure(
                'coil',
                $board->ambientCelsius() + HandOff::COIL_RISE_KELVIN,
                Unit::Celsius,
                'T_air + 35 K',
                ['T_air = ' . QuantityPrinter::rounded($board->ambientCelsius(), Unit::Celsius)],
                'after a long hold',
                'from memory',
            ),
            null,
            null,
        )];
    }
}

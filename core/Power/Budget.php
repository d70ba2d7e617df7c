<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** The currents of every rail from its source to its last load, with what each source, regulator and pin can give. */
final readonly class Budget
{
    /** °C of the room in which a source outside the box stands. */
    public const ROOM_CELSIUS = 25.0;
    private const SOURCE = 'sum of the loads; loading to 80 % for good is common practice';

    /**
     * @param array<string, RailBudget> $rails by rail id
     * @param Heat $heat of everything that warms itself
     * @param array<string, Dip> $dips how low each rail goes at its worst moment, by rail
     * @param array<string, Headroom> $headrooms what regulators get, by the rail that they feed; “board” for the carrier’s own
     */
    private function __construct(
        public Board $board,
        public DriverAnalysis $drive,
        public Flows $flows,
        public array $rails,
        public Heat $heat,
        public array $dips,
        public array $headrooms,
    ) {}

    /**
     * Amperes that each rail gives for good, everything on, at the greatest.
     *
     * @return array<string, float> by rail
     */
    public function continuousAmps(): array
    {
        return array_map(static fn(RailBudget $rail): float => $rail->continuous->value, $this->rails);
    }

    public static function of(Board $board, DriverAnalysis $drive): self
    {
        $draws = Draws::of($board, $drive);
        $flows = new Flows($board, $draws);
        $rails = $dips = [];
        foreach (array_keys($board->rails) as $rail) {
            $rails[$rail] = self::rail($flows, $rail);
            $dips[$rail] = Dip::of($flows, $drive, $rail);
        }

        return new self($board, $drive, $flows, $rails, Heat::of($flows, $drive), $dips, Headroom::all($flows, $dips));
    }

    private static function rail(Flows $flows, string $rail): RailBudget
    {
        $rated = self::rated($flows->board, $rail);
        $on = $flows->amps($rail, Scenario::allOn());
        $peak = $flows->amps($rail, Scenario::pullIn());
        $inputs = [...self::said($flows->items($rail, Scenario::allOn())), 'I_rated = ' . $rated->printed()];

        return new RailBudget(
            $rated,
            new Figure(
                'current with all off',
                $flows->amps($rail, Scenario::allOff())->typical,
                Unit::Ampere,
                'Σ loads, all relays off',
                self::said($flows->items($rail, Scenario::allOff())),
                'typical values',
                self::SOURCE,
            ),
            new Figure(
                'continuous current',
                $on->greatest,
                Unit::Ampere,
                'Σ loads, all relays on',
                $inputs,
                'highest rail, lowest coil resistances',
                self::SOURCE,
            ),
            new Figure(
                'peak current',
                $peak->greatest,
                Unit::Ampere,
                'Σ loads while all pull in, the radio sends and the greatest pulse of a bistable coil falls',
                self::said($flows->items($rail, Scenario::pullIn())),
                'highest rail, lowest coil resistances, radio sending',
                self::SOURCE,
            ),
            new Margin(
                new Figure(
                    'rated over drawn current',
                    $rated->value / max($on->typical, 1e-9),
                    Unit::Ratio,
                    'I_rated ÷ I',
                    ['I = ' . QuantityPrinter::rounded($on->typical, Unit::Ampere), ...$inputs],
                    'typical loads, all relays on',
                    self::SOURCE,
                ),
                new Figure(
                    'rated over drawn current',
                    $rated->value / max($on->greatest, 1e-9),
                    Unit::Ratio,
                    'I_rated ÷ I',
                    ['I = ' . QuantityPrinter::rounded($on->greatest, Unit::Ampere), ...$inputs],
                    'greatest loads, all relays on',
                    self::SOURCE,
                ),
            ),
            $flows->draws->unknown[$rail] ?? [],
        );
    }

    /** What feeds a rail can give for good, in the air in which it works. */
    public static function rated(Board $board, string $rail): Figure
    {
        $feeder = $board->feeder($rail);
        if (!$feeder instanceof Supply) {
            $regulation = $board->regulation($rail);
            $from = $board->rails[$rail]->from;
            $least = null === $from ? INF : $board->railVolts($from)->min;
            $isLimited = null !== $regulation?->greatestInputAmps;

            return new Figure(
                'rated current',
                $regulation?->ratedAmpsAt($least) ?? 0.0,
                Unit::Ampere,
                $isLimited ? 'I_in · V_in · η ÷ V_out, at most I_rated' : 'rating of the regulator; its heat is judged by itself',
                $isLimited ? [
                    'I_in = ' . QuantityPrinter::rounded($regulation->greatestInputAmps, Unit::Ampere),
                    'V_in = ' . QuantityPrinter::rounded($least, Unit::Volt),
                    'I_rated = ' . QuantityPrinter::rounded($regulation->ratedAmps, Unit::Ampere),
                    'V_out = ' . QuantityPrinter::rounded($regulation->output->max, Unit::Volt),
                ] : [],
                $isLimited ? 'lowest input' : 'any air',
                $feeder->identity->name . ', ' . $feeder->identity->basis->words(),
            );
        }
        $celsius = self::airAt($board, $feeder);

        return new Figure('rated current', $feeder->ratedAmpsAt($celsius), Unit::Ampere, null === $feeder->fullUpToCelsius
            ? 'I_rated'
            : 'I_rated · (1 − (T_air − T_full) · loss per kelvin)', [
                'I_rated = ' . QuantityPrinter::rounded($feeder->ratedAmps, Unit::Ampere),
                'T_air = ' . QuantityPrinter::rounded($celsius, Unit::Celsius),
                ...null === $feeder->fullUpToCelsius
                    ? []
                    : ['T_full = ' . QuantityPrinter::rounded($feeder->fullUpToCelsius, Unit::Celsius)],
            ], 'air at '
            . QuantityPrinter::rounded($celsius, Unit::Celsius), $feeder->identity->name
            . ', '
            . $feeder->identity->basis->words());
    }

    /** °C of the air around a source: that of the board for what stands on it, that of the room for the rest. */
    public static function airAt(Board $board, Supply $supply): float
    {
        return SupplyForm::EncapsulatedModule === $supply->form
            ? $board->ambientCelsius()
            : min(self::ROOM_CELSIUS, $board->ambientCelsius());
    }

    /**
     * Loads in words, equal kinds together: “6 coils 429 mA”.
     *
     * @param list<FlowItem> $items
     * @return list<string>
     */
    private static function said(array $items): array
    {
        $groups = $said = [];
        foreach ($items as $item) {
            if ($item->amps->greatest > 0 && (DrawKind::Coil === $item->kind || DrawKind::DriverInput === $item->kind)) {
                $groups[$item->kind->value][] = $item->amps->greatest;
            } elseif ($item->amps->greatest > 0) {
                $said[] = $item->name . ' ' . QuantityPrinter::rounded($item->amps->greatest, Unit::Ampere);
            }
        }
        foreach ($groups as $kind => $amps) {
            $said[] = sprintf(
                '%d %s%s %s',
                count($amps),
                $kind,
                1 === count($amps) ? '' : 's',
                QuantityPrinter::rounded(array_sum($amps), Unit::Ampere),
            );
        }

        return $said;
    }
}

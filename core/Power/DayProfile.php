<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** The energy that the board itself takes in a day (not its appliances), what that costs in a year, and how long a battery lasts. */
final readonly class DayProfile
{
    /** Of a source that does not state its efficiency (from memory). */
    private const USUAL_EFFICIENCY = 0.8;

    /**
     * @param array<string, LineCost> $lines by line
     * @param Figure $least watt-hours a day, lines of unknown hours being off
     * @param Figure $most watt-hours a day, lines of unknown hours being on
     * @param Figure $leastCost euros a year
     * @param Figure $mostCost euros a year
     * @param array<string, float> $batteryHours by rail that a battery feeds, lines of unknown hours being off
     * @param int $unknown how many lines state no hours
     */
    private function __construct(
        public array $lines,
        public Figure $least,
        public Figure $most,
        public Figure $leastCost,
        public Figure $mostCost,
        public array $batteryHours,
        public int $unknown,
    ) {}

    public static function of(Flows $flows): self
    {
        $board = $flows->board;
        $off = self::watts($flows, Scenario::allOff());
        $lines = [];
        $least = $most = 24 * $off[1];
        $unknown = 0;
        foreach ($board->lines as $id => $line) {
            $on = self::watts($flows, Scenario::of('only ' . $id, $line->name, [$id], false));
            $hours = $line->hoursPerDay?->value;
            $hours = is_float($hours) ? $hours : null;
            $lines[$id] = new LineCost($on[0] - $off[0], $on[1] - $off[1], $hours);
            $least += ($hours ?? 0.0) * $lines[$id]->inputWatts;
            $most += ($hours ?? 24.0) * $lines[$id]->inputWatts;
            $unknown += null === $hours ? 1 : 0;
        }
        $price = $board->houseRules->energyPrice;
        $energy = static fn(float $wattHours, string $corner): Figure => new Figure(
            'energy a day',
            $wattHours,
            Unit::WattHour,
            '24 h · P_off + Σ hours · P_line',
            ['P_off = ' . QuantityPrinter::rounded($off[1], Unit::Watt), count($lines) . ' lines'],
            $corner,
            'typical currents; efficiency of the sources’ part files',
        );
        $cost = static fn(float $wattHours, string $corner): Figure => new Figure(
            'cost a year',
            $wattHours * 365 / 1000 * $price,
            Unit::Euro,
            '365 · energy · price',
            ['price of a kWh = ' . QuantityPrinter::rounded($price, Unit::Euro)],
            $corner,
            'price of the house rules',
        );

        return new self(
            $lines,
            $energy($least, 'lines without stated hours off'),
            $energy($most, 'lines without stated hours always on'),
            $cost($least, 'lines without stated hours off'),
            $cost($most, 'lines without stated hours always on'),
            self::batteryHours($flows),
            $unknown,
        );
    }

    /**
     * @return array{float, float} watts at the outputs of all sources, and at their inputs
     */
    private static function watts(Flows $flows, Scenario $scenario): array
    {
        $out = $in = 0.0;
        foreach (array_keys($flows->board->rails) as $rail) {
            $source = $flows->board->source($rail);
            if (null !== $source) {
                $watts = $flows->amps($rail, $scenario)->typical * $source->output->typ;
                $out += $watts;
                $in += ($source->idleWatts ?? 0.0) + $watts
                    / ($source->form->isFedByMains() ? $source->efficiency ?? self::USUAL_EFFICIENCY : 1.0);
            }
        }

        return [$out, $in];
    }

    /**
     * How long each battery lasts with the hours stated, lines of unknown hours being off.
     *
     * @return array<string, float> by rail
     */
    public static function batteryHours(Flows $flows): array
    {
        $hours = [];
        foreach (array_keys($flows->board->rails) as $rail) {
            $capacity = $flows->board->source($rail)->capacityAmpHours ?? null;
            if (null !== $capacity) {
                $average = $off = $flows->amps($rail, Scenario::allOff())->typical;
                foreach ($flows->board->lines as $id => $line) {
                    $on = $flows->amps($rail, Scenario::of('only ' . $id, $line->name, [$id], false))->typical;
                    $average += (is_float($line->hoursPerDay?->value) ? $line->hoursPerDay->value : 0.0) / 24 * ($on - $off);
                }
                $hours[$rail] = $capacity / max($average, 1e-6);
            }
        }

        return $hours;
    }
}

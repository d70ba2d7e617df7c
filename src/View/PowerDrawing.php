<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Power\DayProfile;
use IronLatch\Core\Power\RailCircuit;
use IronLatch\Core\Power\RailMoment;
use IronLatch\Core\Power\RideThrough;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Power\StartOrder;
use IronLatch\Core\Power\SupplyChoice;
use IronLatch\Core\Power\SupplyOffer;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Stage;

/** What the Power view shows: the tree in one scenario, one rail in full, heat, interruptions, the day. */
final readonly class PowerDrawing
{
    private const LEAST_FARADS = 47e-6;
    private const GREATEST_FARADS = 6.8e-3;
    private const POINTS = 240;

    /** What opens besides the rails. */
    private const PARTS = ['heat', 'cuts', 'controller', 'day', 'devices', 'rails', 'scenarios'];

    public function __construct(private Inspection $inspection) {}

    /**
     * @param string $open “R1.on”: a rail or another part of the view, and a scenario; both or one of them
     * @return array<string, mixed>
     */
    public function context(string $open, Report $report): array
    {
        $board = $this->inspection->board;
        [$part, $scenario] = [...explode('.', $open, 2), ''];
        $scenarios = Scenario::all($board);
        if (isset($scenarios[$part])) {
            [$part, $scenario] = ['', $part];
        }
        $part = isset($board->rails[$part]) || in_array($part, self::PARTS, true) ? $part : '';
        $rail = isset($board->rails[$part]) ? $part : $board->mcu->rail;
        $chosen = $scenarios[$scenario] ?? Scenario::pullIn();
        $flows = $this->inspection->power->flows;

        return [
            'power' => $this->inspection->power,
            'box_air' => $this->inspection->boxAir,
            'scenarios' => $scenarios,
            'scenario' => $chosen,
            'part' => $part,
            'rail_id' => $rail,
            'rail' => $board->rails[$rail],
            'tree' => (new PowerTree($flows, $chosen))->drawn(),
            'marks' => $this->marks($report),
            'reservoir_steps' => self::steps(),
            'rides' => RideThrough::all($flows, $this->inspection->drive),
            'order' => StartOrder::of($flows),
            'day' => DayProfile::of($flows),
            'feeder' => $board->feeder($rail),
            'feeds' => $this->feeds($rail),
        ];
    }

    /**
     * The worst kind of finding about each rail, for its mark.
     *
     * @return array<string, string> “broken” or “weak” by rail
     */
    private function marks(Report $report): array
    {
        $marks = [];
        foreach (array_reverse($report->findings) as $finding) {
            if (Stage::Power === $finding->rule->stage && $finding->severity->opensLatch()) {
                $marks['board' === $finding->subject ? $this->inspection->board->mcu->rail : $finding->subject] = $finding->severity->value;
            }
        }

        return $marks;
    }

    /**
     * Capacitances that can be tried, rising.
     *
     * @return list<float>
     */
    public static function steps(): array
    {
        return array_reverse(PreferredValues::e6Between(self::LEAST_FARADS, self::GREATEST_FARADS));
    }

    /**
     * Rails that a converter of this rail could hang on.
     *
     * @return array<string, string> names by id
     */
    private function feeds(string $rail): array
    {
        $names = [];
        foreach ($this->inspection->board->rails as $id => $one) {
            if ($id !== $rail) {
                $names[$id] = $one->name;
            }
        }

        return $names;
    }

    /**
     * @return list<SupplyOffer>
     */
    public function offers(string $rail): array
    {
        return SupplyChoice::ranked(
            $this->inspection->power,
            $rail,
            array_values(Repairs::of($this->inspection)->partsOnOffer(Supply::class)),
            array_values(Repairs::of($this->inspection)->partsOnOffer(Converter::class)),
        );
    }

    /**
     * A rail over time, drawn for a capacitance that may only be tried.
     *
     * @param string $event “pull-in”, “cold-start” or the seconds of an interruption
     * @return array<string, mixed>
     */
    public function waveform(string $rail, string $event, bool $worst, ?float $farads): array
    {
        $board = $this->inspection->board;
        $flows = $this->inspection->power->flows;
        $circuit = RailCircuit::of($flows, $this->inspection->drive, $rail, $worst);
        $circuit = null === $farads ? $circuit : $circuit->withFarads($farads * ($worst ? 0.8 : 1.0));
        $event = self::event($event);
        $wave = $circuit->run(self::moment($event));
        $highest = max([...$wave->volts, $circuit->sourceVolts]) * 1.06;

        return [
            'wave' => $wave,
            'points' => $wave->drawn(self::POINTS),
            'seconds' => count($wave->volts) * $wave->step,
            'highest' => $highest,
            'most_amps' => max(0.001, 1.15 * $wave->greatestAmps()),
            'marks' => $this->thresholds($board, $rail, $highest),
            'circuit' => $circuit,
            'event' => $event,
            'worst' => $worst,
            'rail_id' => $rail,
        ];
    }

    private static function moment(string $event): RailMoment
    {
        return match ($event) {
            'cold-start' => RailMoment::coldStart(),
            'pull-in' => RailMoment::pullIn(),
            default => RailMoment::interruption((float) $event),
        };
    }

    /** What was asked for, as one of the moments that there are: nothing of the address itself goes into a page or a file. */
    private static function event(string $asked): string
    {
        $seconds = (float) $asked;

        return match (true) {
            'cold-start' === $asked => $asked,
            is_numeric($asked) && $seconds > 0 && $seconds <= 2 => sprintf('%.6g', $seconds),
            default => 'pull-in',
        };
    }

    /**
     * Voltages of the rail that somebody on it needs, each with its name.
     *
     * @return list<array{float, string}>
     */
    private function thresholds(Board $board, string $rail, float $highest): array
    {
        $marks = [];
        $chip = $board->controller()->chip;
        if ($board->mcu->rail === $rail && null !== $chip->brownOutVolts) {
            $regulator = $board->entry()->regulated ? $board->controller()->carrier->regulator : null;
            $marks[] = [
                $chip->brownOutVolts + (true === $regulator?->kind->needsHeadroom() ? $regulator->dropOutVolts->typ : 0.0),
                'controller resets',
            ];
        }
        foreach ($board->actuators() as $actuator) {
            $relay = $board->relay($actuator);
            if ($actuator->rail === $rail && null !== $actuator->relay && $relay->isPlain()) {
                $marks[] = [Relay::HOLD_RATIO * $relay->coilVolts, 'relays may let go'];
                $marks[] = [$relay->operateVolts(max(20.0, $board->ambientCelsius())), 'relays pull in'];
                break;
            }
        }

        return array_values(array_filter($marks, static fn(array $mark): bool => $mark[0] < $highest));
    }

    /** The circuit of a rail for a simulator. */
    public function netlist(string $rail, string $event, bool $worst): string
    {
        $event = self::event($event);
        $moment = self::moment($event);
        $circuit = RailCircuit::of($this->inspection->power->flows, $this->inspection->drive, $rail, $worst);

        return implode("\n", [
            sprintf(
                '* Rail %s of %s, %s, %s',
                self::oneLine($this->inspection->board->nameOf($rail)),
                self::oneLine($this->inspection->board->name),
                $event,
                $worst ? 'at the worst corner' : 'typical values',
            ),
            ...$circuit->spice($moment),
            sprintf('.tran %.9g %.9g 0 %.9g uic', $moment->step, $moment->seconds, $moment->step),
            '.end',
            '',
        ]);
    }

    private static function oneLine(string $text): string
    {
        return str_replace(["\r", "\n"], ' ', $text);
    }
}

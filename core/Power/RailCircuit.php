<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Drive\TurnOff;

/**
 * A rail as an electrical circuit: a source with a limit behind its resistance, a capacitance with its series resistance, coils as
 * inductances, and what draws a steady current. It is followed in equal steps by the implicit Euler method, the node solved exactly.
 */
final readonly class RailCircuit
{
    /**
     * Nothing draws before the rail has risen to this share of its voltage in a cold start (from memory: controllers and drivers wake up
     * late).
     */
    private const AWAKE_FROM = 0.6;
    private const LEAST_OHMS = 1e-3;
    private const LEAST_FARADS = 1e-6;

    /**
     * @param list<CoilGroup> $coils
     */
    private function __construct(
        public float $sourceVolts,
        public float $sourceOhms,
        public float $limitAmps,
        public float $farads,
        public float $esrOhms,
        public float $steadyAmps,
        public float $burstAmps,
        public array $coils,
    ) {}

    /** @param bool $worst lowest voltage, greatest resistance and loads, and no more from the source than it is rated for */
    public static function of(Flows $flows, DriverAnalysis $drive, string $rail, bool $worst): self
    {
        return self::pulling($flows, $drive, $rail, $worst, array_keys($flows->board->actuators()), []);
    }

    /**
     * The same, of which only some relays pull in while others are in already.
     *
     * @param list<string> $pulling ids of the relays that pull in
     * @param list<string> $holding ids of those that are in
     */
    public static function pulling(Flows $flows, DriverAnalysis $drive, string $rail, bool $worst, array $pulling, array $holding): self
    {
        $board = $flows->board;
        $feed = Feed::of($board, $rail);
        $pick = static fn(Demand $demand): float => $worst ? $demand->greatest : $demand->typical;
        $steady = 0.0;
        foreach ($flows->items($rail, Scenario::allOn()) as $item) {
            $steady += DrawKind::Coil === $item->kind ? 0.0 : $pick($item->amps);
        }
        foreach ($holding as $id) {
            $actuator = $board->actuator($id);
            $steady += $actuator->rail === $rail ? $drive->results[$id]->coilAmps->value * ($actuator->holdRatio ?? 1.0) : 0.0;
        }
        $burst = max(0.0, $pick($flows->amps($rail, Scenario::radioBurst())) - $pick($flows->amps($rail, Scenario::allOn())));
        $reservoir = $board->rails[$rail]->reservoir()->value;
        $esr = $board->rails[$rail]->reservoirOhms()->value;

        return new self(
            $worst ? $feed->volts->min : $feed->volts->typ,
            max(self::LEAST_OHMS, $worst ? $feed->ohms->max : $feed->ohms->typ),
            $worst ? $feed->surelyAmps : $feed->limitAmps,
            // An electrolytic capacitor may have a fifth less than is printed on it.
            max(self::LEAST_FARADS, (is_float($reservoir) ? $reservoir : 0.0) * ($worst ? 0.8 : 1.0)),
            max(self::LEAST_OHMS, is_float($esr) ? $esr : 0.0),
            $steady,
            $burst,
            self::coils($board, $drive, $rail, $worst, $pulling),
        );
    }

    public function withFarads(float $farads): self
    {
        return new self(
            $this->sourceVolts,
            $this->sourceOhms,
            $this->limitAmps,
            max(self::LEAST_FARADS, $farads),
            $this->esrOhms,
            $this->steadyAmps,
            $this->burstAmps,
            $this->coils,
        );
    }

    /**
     * @param list<string> $relays that count
     * @return list<CoilGroup>
     */
    private static function coils(Board $board, DriverAnalysis $drive, string $rail, bool $worst, array $relays): array
    {
        $groups = [];
        foreach ($relays as $id) {
            $actuator = $board->actuator($id);
            $relay = $board->relay($actuator);
            if ($actuator->rail !== $rail || null === $actuator->relay || !$relay->isPlain()) {
                continue;
            }
            $ohms = $worst ? $relay->coilResistance->min : $relay->coilResistance->typ;
            $drop = max(0.0, $board->railVolts($rail)->typ - $drive->results[$id]->coilAmps->value * $relay->coilResistance->typ);
            $key = sprintf('%.9g %.6g', $ohms, $drop);
            $groups[$key] = new CoilGroup(($groups[$key]->count ?? 0) + 1, $ohms, TurnOff::henries($relay), $drop);
        }

        return array_values($groups);
    }

    /** In one piece: the loop over time, which is run hundreds of times. */
    public function run(RailMoment $moment): Waveform
    {
        $h = $moment->step;
        $steps = (int) round($moment->seconds / $h);
        $isIn = null === $moment->pullInAt;
        $share = $this->esrOhms + $h / $this->farads;
        $amps = $conductance = $fade = [];
        $volts = $held = $moment->startsEmpty ? 0.0 : $this->resting($isIn);
        foreach ($this->coils as $k => $coil) {
            $amps[$k] = $isIn ? max(0.0, ($volts - $coil->dropVolts) / $coil->ohms) : 0.0;
            $conductance[$k] = ($h / $coil->henries) / (1 + $h * $coil->ohms / $coil->henries);
            $fade[$k] = 1 / (1 + $h * $coil->ohms / $coil->henries);
        }
        $awakeFrom = $moment->startsEmpty ? self::AWAKE_FROM * $this->sourceVolts : -INF;
        $allVolts = [$volts];
        $allAmps = [$moment->startsEmpty ? 0.0 : min($this->limitAmps, max(0.0, ($this->sourceVolts - $volts) / $this->sourceOhms))];
        for ($step = 0; $step < $steps; ++$step) {
            // The implicit method looks at the end of each step.
            $time = ($step + 1) * $h;
            $pulls = $isIn || $time > $moment->pullInAt;
            $isBurst = null !== $moment->burstFrom && $time > $moment->burstFrom && $time <= $moment->burstTo;
            $drawn = $volts < $awakeFrom ? 0.0 : $this->steadyAmps + ($isBurst ? $this->burstAmps : 0.0);
            $slope = 1 / $share;
            $fixed = $drawn - $held / $share;
            if ($pulls) {
                foreach ($this->coils as $k => $coil) {
                    $slope += $coil->count * $conductance[$k];
                    $fixed += $coil->count * ($fade[$k] * $amps[$k] - $conductance[$k] * $coil->dropVolts);
                }
            }
            // The node: what the source gives is what capacitor, coils and loads take.
            $isOff = null !== $moment->sourceOffFrom && $time > $moment->sourceOffFrom && $time <= $moment->sourceOffTo;
            $given = 0.0;
            $volts = -$fixed / $slope;
            if (!$isOff && $volts < $this->sourceVolts) {
                $volts = ($this->sourceVolts / $this->sourceOhms - $fixed) / ($slope + 1 / $this->sourceOhms);
                $given = ($this->sourceVolts - $volts) / $this->sourceOhms;
                if ($given > $this->limitAmps) {
                    $given = $this->limitAmps;
                    $volts = ($given - $fixed) / $slope;
                }
            }
            $volts = max(0.0, $volts);
            $held += ($h / $this->farads) * ($volts - $held) / $share;
            if ($pulls) {
                foreach ($this->coils as $k => $coil) {
                    $amps[$k] = max(0.0, $fade[$k] * $amps[$k] + $conductance[$k] * ($volts - $coil->dropVolts));
                }
            }
            $allVolts[] = $volts;
            $allAmps[] = $given;
        }

        return new Waveform($h, $allVolts, $allAmps);
    }

    /** Volts at rest, with the steady loads and, where they are in, the coils. */
    private function resting(bool $coilsIn): float
    {
        $slope = 0.0;
        $fixed = $this->steadyAmps;
        foreach ($coilsIn ? $this->coils : [] as $coil) {
            $slope += $coil->count / $coil->ohms;
            $fixed -= $coil->count * $coil->dropVolts / $coil->ohms;
        }
        $volts = ($this->sourceVolts / $this->sourceOhms - $fixed) / ($slope + 1 / $this->sourceOhms);
        if (($this->sourceVolts - $volts) / $this->sourceOhms > $this->limitAmps) {
            $volts = $slope > 0 ? ($this->limitAmps - $fixed) / $slope : 0.0;
        }

        return max(0.0, $volts);
    }

    /**
     * The same circuit for a circuit simulator, from its resting point; the coils’ switches close at the moment’s time.
     *
     * @return list<string> lines of a SPICE netlist, without title, analysis and end
     */
    public function spice(RailMoment $moment): array
    {
        $n = static fn(float $value): string => sprintf('%.9g', $value);
        $rest = $moment->startsEmpty ? 0.0 : $this->resting(null === $moment->pullInAt);
        $on = null === $moment->sourceOffFrom ? '' : '*v(on)';
        $awake = $moment->startsEmpty ? sprintf('*max(0, min(1, (v(rail) - %s)/0.05))', $n(self::AWAKE_FROM * $this->sourceVolts)) : '';
        $lines = [
            sprintf(
                'B1 0 rail I=max(0, min(%s, (%s - v(rail))/%s))%s',
                $n($this->limitAmps),
                $n($this->sourceVolts),
                $n($this->sourceOhms),
                $on,
            ),
            sprintf('R1 rail c %s', $n($this->esrOhms)),
            sprintf('C1 c 0 %s IC=%s', $n($this->farads), $n($rest)),
            // What every wire has, and what keeps the simulator’s steps from growing too small.
            sprintf('C2 rail 0 1n IC=%s', $n($rest)),
            sprintf('B2 rail 0 I=%s%s', $n($this->steadyAmps), $awake),
        ];
        if (null !== $moment->sourceOffFrom) {
            $lines[] = sprintf(
                'VON on 0 PULSE(1 0 %s 2u 2u %s 10)',
                $n($moment->sourceOffFrom),
                $n($moment->sourceOffTo - $moment->sourceOffFrom),
            );
        }
        if (null !== $moment->burstFrom) {
            $lines[] = sprintf(
                'I3 rail 0 PULSE(0 %s %s 1u 1u %s 10)',
                $n($this->burstAmps),
                $n($moment->burstFrom),
                $n($moment->burstTo - $moment->burstFrom),
            );
        }
        if (INF === $moment->pullInAt) {
            return $lines;
        }
        foreach ($this->coils as $k => $coil) {
            $amps = null === $moment->pullInAt ? max(0.0, ($rest - $coil->dropVolts) / $coil->ohms) * $coil->count : 0.0;
            $lines[] = sprintf('L%d rail a%d %s IC=%s', $k + 1, $k + 1, $n($coil->henries / $coil->count), $n($amps));
            $lines[] = sprintf('RL%d a%d b%d %s', $k + 1, $k + 1, $k + 1, $n($coil->ohms / $coil->count));
            $lines[] = sprintf('VD%d b%d d%d DC %s', $k + 1, $k + 1, $k + 1, $n($coil->dropVolts));
            $lines[] = null === $moment->pullInAt
                ? sprintf('RS%d d%d 0 1m', $k + 1, $k + 1)
                : sprintf('S%d d%d 0 ctl 0 CLOSE', $k + 1, $k + 1);
        }
        if (null !== $moment->pullInAt && [] !== $this->coils) {
            array_push(
                $lines,
                sprintf('VCTL ctl 0 PULSE(0 1 %s 1u 1u 10 20)', $n($moment->pullInAt)),
                '.model CLOSE SW(RON=1m ROFF=100Meg VT=0.5 VH=0.1)',
            );
        }

        return $lines;
    }
}

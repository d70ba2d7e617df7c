<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/**
 * The DC operating point of a small circuit, by Newton’s method on its nodes with the junction voltages limited from step to
 * step (Nagel, SPICE2, 1975; from memory). The tests hold it against a circuit simulator.
 */
final class Solver
{
    /** kT/q at 27 °C. */
    public const THERMAL_VOLTS = 0.025864186;
    private const MOST_STEPS = 150;
    /** From every node to ground, so that no node floats. */
    private const LEAK_SIEMENS = 1e-12;
    private const EXACT_VOLTS = 1e-9;

    /** @var array<string, int> unknown node by name */
    private array $index = [];
    /** @var array<string, float> voltage of nodes that are given */
    private array $fixed = ['gnd' => 0.0];
    /** @var array<int, float> */
    private array $volts = [];
    /** @var array<int, array<int, float>> */
    private array $matrix = [];
    /** @var array<int, float> current that flows out of each node */
    private array $out = [];
    /** @var array<string, float> junction voltages of the last step */
    private array $junctions = [];
    private bool $wasLimited = false;
    private float $leak = self::LEAK_SIEMENS;
    private bool $isGuessed = false;

    private function __construct(private readonly Netlist $netlist) {}

    /**
     * @param array<string, float> $guess node voltages to start from
     * @throws \RuntimeException when no operating point is found
     */
    public static function solve(Netlist $netlist, array $guess = []): Point
    {
        $solver = new self($netlist);
        $solver->prepare($guess);
        if (!$solver->iterate()) {
            // A circuit that does not settle at once is led there through leaky versions of itself.
            $solver->prepare([]);
            $settled = false;
            foreach ([1e-2, 1e-4, 1e-6, 1e-8, 1e-10, self::LEAK_SIEMENS] as $leak) {
                $solver->leak = $leak;
                $settled = $solver->iterate();
            }
            if (!$settled) {
                throw new \RuntimeException('No operating point was found for this circuit.');
            }
        }

        return $solver->point();
    }

    /**
     * @param array<string, float> $guess
     */
    private function prepare(array $guess): void
    {
        $this->index = [];
        $this->fixed = ['gnd' => 0.0];
        foreach ($this->netlist->elements as $element) {
            if ($element instanceof Supply) {
                $this->fixed[$element->node] = $element->volts;
            }
        }
        foreach ($this->netlist->elements as $name => $element) {
            foreach (self::nodes($name, $element) as $node) {
                if (!isset($this->fixed[$node])) {
                    $this->index[$node] ??= count($this->index);
                }
            }
        }
        $this->volts = [];
        foreach (array_keys($this->index) as $node) {
            $this->volts[] = $guess[$node] ?? 0.0;
        }
        $this->junctions = [];
        $this->isGuessed = [] !== $guess;
    }

    /**
     * @return list<string>
     */
    private static function nodes(string $name, Element $element): array
    {
        return match (true) {
            $element instanceof Resistor => [$element->from, $element->to],
            $element instanceof Diode => [$element->anode, $element->cathode],
            $element instanceof Bipolar => [$element->collector, $element->base, $element->emitter],
            $element instanceof FieldEffect => [$element->drain, $element->gate, $element->source],
            $element instanceof ThresholdSwitch => [$element->from, $element->to, $element->control],
            $element instanceof Coupler => [$element->anode, $element->cathode, $element->collector, $element->emitter, 'b' . $name],
            default => [],
        };
    }

    private function iterate(): bool
    {
        $count = count($this->index);
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $this->wasLimited = false;
            $row = array_fill(0, $count, 0.0);
            $this->matrix = array_fill(0, $count, $row);
            $this->out = $row;
            for ($node = 0; $node < $count; ++$node) {
                $this->matrix[$node][$node] = $this->leak;
                $this->out[$node] = $this->leak * $this->volts[$node];
            }
            foreach ($this->netlist->elements as $name => $element) {
                match (true) {
                    $element instanceof Resistor => $this->conduct($element->from, $element->to, 1 / $element->ohms),
                    $element instanceof Diode => $this->diode($name, $element->anode, $element->cathode, $element->saturationAmps, $element->emission),
                    $element instanceof Bipolar => $this->bipolar($name, $element->collector, $element->base, $element->emitter, $element->saturationAmps, $element->gain, $element->reverseGain, $element->isPnp ? -1.0 : 1.0),
                    $element instanceof FieldEffect => $this->fieldEffect($element),
                    $element instanceof ThresholdSwitch => $this->conduct($element->from, $element->to, 1 / ($this->at($element->control) > $element->thresholdVolts ? $element->onOhms : ThresholdSwitch::OFF_OHMS)),
                    $element instanceof Coupler => $this->coupler($name, $element),
                    default => null,
                };
            }
            $change = $this->gauss($count);
            $greatest = 0.0;
            foreach ($change as $node => $by) {
                $this->volts[$node] += $by;
                $greatest = max($greatest, abs($by));
            }
            if ($greatest < self::EXACT_VOLTS && !$this->wasLimited) {
                return true;
            }
        }

        return false;
    }

    private function at(string $node): float
    {
        return $this->fixed[$node] ?? $this->volts[$this->index[$node]];
    }

    /** A current out of one node into another, and how it changes with the voltage of a third. */
    private function current(string $from, string $to, float $amps): void
    {
        if (isset($this->index[$from])) {
            $this->out[$this->index[$from]] += $amps;
        }
        if (isset($this->index[$to])) {
            $this->out[$this->index[$to]] -= $amps;
        }
    }

    private function slope(string $from, string $to, string $with, float $siemens): void
    {
        if (!isset($this->index[$with])) {
            return;
        }
        $column = $this->index[$with];
        if (isset($this->index[$from])) {
            $this->matrix[$this->index[$from]][$column] += $siemens;
        }
        if (isset($this->index[$to])) {
            $this->matrix[$this->index[$to]][$column] -= $siemens;
        }
    }

    private function conduct(string $from, string $to, float $siemens): void
    {
        $this->current($from, $to, $siemens * ($this->at($from) - $this->at($to)));
        $this->slope($from, $to, $from, $siemens);
        $this->slope($from, $to, $to, -$siemens);
    }

    /**
     * A junction: its current at the limited voltage carried on straight to the true one, and the slope there.
     *
     * @return array{float, float} amperes and siemens
     */
    private function junction(string $key, float $volts, float $saturationAmps, float $emission): array
    {
        $thermal = $emission * self::THERMAL_VOLTS;
        // A good guess is taken at its word; from nothing, every junction starts at rest.
        $before = $this->junctions[$key] ?? ($this->isGuessed ? $volts : 0.0);
        $critical = $thermal * log($thermal / (M_SQRT2 * $saturationAmps));
        $limited = $volts;
        if ($volts > $critical && abs($volts - $before) > 2 * $thermal) {
            if ($before > 0) {
                $reach = 1 + ($volts - $before) / $thermal;
                $limited = $reach > 0 ? $before + $thermal * log($reach) : $critical;
            } else {
                $limited = $thermal * log(max($volts / $thermal, 1e-30));
            }
            $this->wasLimited = true;
        }
        $this->junctions[$key] = $limited;
        $exponential = exp(max(-40.0, min(300.0, $limited / $thermal)));
        $siemens = $saturationAmps * $exponential / $thermal;

        return [$saturationAmps * ($exponential - 1) + $siemens * ($volts - $limited), $siemens];
    }

    private function diode(string $name, string $anode, string $cathode, float $saturationAmps, float $emission): float
    {
        [$amps, $siemens] = $this->junction($name, $this->at($anode) - $this->at($cathode), $saturationAmps, $emission);
        $this->current($anode, $cathode, $amps);
        $this->slope($anode, $cathode, $anode, $siemens);
        $this->slope($anode, $cathode, $cathode, -$siemens);

        return $siemens;
    }

    private function bipolar(string $name, string $collector, string $base, string $emitter, float $saturationAmps, float $gain, float $reverseGain, float $sign): void
    {
        $b = $this->at($base);
        [$forward, $gForward] = $this->junction($name . 'f', $sign * ($b - $this->at($emitter)), $saturationAmps, 1.0);
        [$reverse, $gReverse] = $this->junction($name . 'r', $sign * ($b - $this->at($collector)), $saturationAmps, 1.0);
        // Into the base, and from collector to emitter.
        $this->current($base, $emitter, $sign * $forward / $gain);
        $this->current($base, $collector, $sign * $reverse / $reverseGain);
        $this->current($collector, $emitter, $sign * ($forward - $reverse));
        $this->slope($base, $emitter, $base, $gForward / $gain);
        $this->slope($base, $emitter, $emitter, -$gForward / $gain);
        $this->slope($base, $collector, $base, $gReverse / $reverseGain);
        $this->slope($base, $collector, $collector, -$gReverse / $reverseGain);
        $this->slope($collector, $emitter, $base, $gForward - $gReverse);
        $this->slope($collector, $emitter, $emitter, -$gForward);
        $this->slope($collector, $emitter, $collector, $gReverse);
    }

    private function fieldEffect(FieldEffect $element): void
    {
        [$amps, $perGate, $perDrain] = self::channel($element, $this->at($element->gate) - $this->at($element->source), $this->at($element->drain) - $this->at($element->source));
        $this->current($element->drain, $element->source, $amps);
        $this->slope($element->drain, $element->source, $element->gate, $perGate);
        $this->slope($element->drain, $element->source, $element->drain, $perDrain);
        $this->slope($element->drain, $element->source, $element->source, -$perGate - $perDrain);
    }

    /**
     * @return array{float, float, float} drain current, and its slope with gate and with drain voltage
     */
    private static function channel(FieldEffect $element, float $gate, float $drain): array
    {
        if ($drain < 0) {
            // Turned round, drain and source change places.
            [$amps, $perGate, $perDrain] = self::channel($element, $gate - $drain, -$drain);

            return [-$amps, -$perGate, $perGate + $perDrain];
        }
        $over = $gate - $element->thresholdVolts;
        if ($over <= 0) {
            return [0.0, 0.0, 0.0];
        }
        $k = $element->transconductance;

        return $drain < $over
            ? [$k * ($over * $drain - $drain * $drain / 2), $k * $drain, $k * ($over - $drain)]
            : [$k * $over * $over / 2, $k * $over, 0.0];
    }

    private function coupler(string $name, Coupler $element): void
    {
        [$led, $gLed] = $this->junction($name . 'd', $this->at($element->anode) - $this->at($element->cathode), $element->ledSaturationAmps, $element->ledEmission);
        $this->current($element->anode, $element->cathode, $led);
        $this->slope($element->anode, $element->cathode, $element->anode, $gLed);
        $this->slope($element->anode, $element->cathode, $element->cathode, -$gLed);
        $base = 'b' . $name;
        $share = $element->transferRatio / Coupler::GAIN;
        $this->current('gnd', $base, $share * $led);
        $this->slope('gnd', $base, $element->anode, $share * $gLed);
        $this->slope('gnd', $base, $element->cathode, -$share * $gLed);
        $this->bipolar($name, $element->collector, $base, $element->emitter, Coupler::SATURATION_AMPS, Coupler::GAIN, Coupler::REVERSE_GAIN, 1.0);
    }

    /**
     * The change of every unknown that the slopes ask for, by elimination with pivoting.
     *
     * @return list<float>
     */
    private function gauss(int $count): array
    {
        $matrix = $this->matrix;
        $right = array_map(static fn(float $amps): float => -$amps, $this->out);
        for ($column = 0; $column < $count; ++$column) {
            $pivot = $column;
            for ($row = $column + 1; $row < $count; ++$row) {
                if (abs($matrix[$row][$column]) > abs($matrix[$pivot][$column])) {
                    $pivot = $row;
                }
            }
            if ($pivot !== $column) {
                [$matrix[$column], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$column]];
                [$right[$column], $right[$pivot]] = [$right[$pivot], $right[$column]];
            }
            $head = $matrix[$column];
            for ($row = $column + 1; $row < $count; ++$row) {
                $factor = $matrix[$row][$column] / $head[$column];
                if (0.0 !== $factor) {
                    for ($i = $column; $i < $count; ++$i) {
                        $matrix[$row][$i] -= $factor * $head[$i];
                    }
                    $right[$row] -= $factor * $right[$column];
                }
            }
        }
        for ($row = $count - 1; $row >= 0; --$row) {
            for ($i = $row + 1; $i < $count; ++$i) {
                $right[$row] -= $matrix[$row][$i] * $right[$i];
            }
            $right[$row] /= $matrix[$row][$row];
        }

        return array_values($right);
    }

    private function point(): Point
    {
        $volts = $this->fixed;
        foreach ($this->index as $node => $place) {
            $volts[$node] = $this->volts[$place];
        }

        return new Point($volts);
    }
}

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
    /** The last step of Newton’s method; what is still wrong after it is about its square over 50 mV, here under a microvolt. */
    private const EXACT_VOLTS = 1e-4;

    /** @var array<string, int> every node by name: the unknown ones first, then those whose voltage is given */
    private array $index = [];
    private int $unknown = 0;
    /** @var array<int, float> of every node */
    private array $volts = [];
    /** @var array<int, array<int, float>> slopes of all resistors, which stay the same from step to step */
    private array $linear = [];
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
        $fixed = ['gnd' => 0.0];
        $nodes = [];
        foreach ($this->netlist->elements as $name => $element) {
            if ($element instanceof Supply) {
                $fixed[$element->node] = $element->volts;
            } else {
                $nodes += array_flip(self::nodes($name, $element));
            }
        }
        $nodes = array_keys(array_diff_key($nodes, $fixed));
        $this->unknown = count($nodes);
        $this->index = array_flip([...$nodes, ...array_keys($fixed)]);
        $this->junctions = [];
        $this->isGuessed = [] !== $guess;
        $this->volts = [];
        foreach ($nodes as $node) {
            $this->volts[] = $guess[$node] ?? 0.0;
        }
        array_push($this->volts, ...array_values($fixed));
        $this->linear = array_fill(0, count($this->index), array_fill(0, count($this->index), 0.0));
        foreach ($this->netlist->elements as $element) {
            if ($element instanceof Resistor) {
                [$from, $to, $siemens] = [$this->index[$element->from], $this->index[$element->to], 1 / $element->ohms];
                $this->linear[$from][$from] += $siemens;
                $this->linear[$to][$to] += $siemens;
                $this->linear[$from][$to] -= $siemens;
                $this->linear[$to][$from] -= $siemens;
            }
        }
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
        $curved = array_filter(
            $this->netlist->elements,
            static fn(Element $element): bool => !$element instanceof Resistor && !$element instanceof Supply,
        );
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $this->wasLimited = false;
            $this->matrix = $this->linear;
            $this->out = array_fill(0, count($this->index), 0.0);
            for ($node = 0; $node < $this->unknown; ++$node) {
                $amps = $this->leak * $this->volts[$node];
                foreach ($this->linear[$node] as $other => $siemens) {
                    $amps += $siemens * $this->volts[$other];
                }
                $this->out[$node] = $amps;
                $this->matrix[$node][$node] += $this->leak;
            }
            foreach ($curved as $name => $element) {
                match (true) {
                    $element instanceof Bipolar => $this->bipolar(
                        $name,
                        $this->index[$element->collector],
                        $this->index[$element->base],
                        $this->index[$element->emitter],
                        $element->saturationAmps,
                        $element->gain,
                        $element->reverseGain,
                        $element->isPnp ? -1.0 : 1.0,
                    ),
                    $element instanceof Diode => $this->diode(
                        $name,
                        $this->index[$element->anode],
                        $this->index[$element->cathode],
                        $element->saturationAmps,
                        $element->emission,
                    ),
                    $element instanceof Coupler => $this->coupler($name, $element),
                    $element instanceof FieldEffect => $this->fieldEffect($element),
                    $element instanceof ThresholdSwitch => $this->thresholdSwitch($element),
                    default => null,
                };
            }
            $greatest = 0.0;
            foreach ($this->gauss($this->unknown) as $node => $by) {
                $this->volts[$node] += $by;
                $greatest = max($greatest, abs($by));
            }
            if ($greatest < self::EXACT_VOLTS && !$this->wasLimited) {
                return true;
            }
        }

        return false;
    }

    /** A current out of one node into another. What flows at a given node is reckoned too, and left aside. */
    private function current(int $from, int $to, float $amps): void
    {
        $this->out[$from] += $amps;
        $this->out[$to] -= $amps;
    }

    /** How that current changes with the voltage of a third. */
    private function slope(int $from, int $to, int $with, float $siemens): void
    {
        $this->matrix[$from][$with] += $siemens;
        $this->matrix[$to][$with] -= $siemens;
    }

    private function thresholdSwitch(ThresholdSwitch $element): void
    {
        [$from, $to] = [$this->index[$element->from], $this->index[$element->to]];
        $siemens = 1 / ($this->volts[$this->index[$element->control]] > $element->thresholdVolts ? $element->onOhms : ThresholdSwitch::OFF_OHMS);
        $this->current($from, $to, $siemens * ($this->volts[$from] - $this->volts[$to]));
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

    private function diode(string $name, int $anode, int $cathode, float $saturationAmps, float $emission): void
    {
        [$amps, $siemens] = $this->junction($name, $this->volts[$anode] - $this->volts[$cathode], $saturationAmps, $emission);
        $this->current($anode, $cathode, $amps);
        $this->slope($anode, $cathode, $anode, $siemens);
        $this->slope($anode, $cathode, $cathode, -$siemens);
    }

    private function bipolar(
        string $name,
        int $collector,
        int $base,
        int $emitter,
        float $saturationAmps,
        float $gain,
        float $reverseGain,
        float $sign,
    ): void {
        $b = $this->volts[$base];
        [$forward, $gForward] = $this->junction($name . 'f', $sign * ($b - $this->volts[$emitter]), $saturationAmps, 1.0);
        [$reverse, $gReverse] = $this->junction($name . 'r', $sign * ($b - $this->volts[$collector]), $saturationAmps, 1.0);
        // Into the base towards emitter and collector, and from collector to emitter.
        $toEmitter = $sign * $forward / $gain;
        $toCollector = $sign * $reverse / $reverseGain;
        $through = $sign * ($forward - $reverse);
        $this->out[$base] += $toEmitter + $toCollector;
        $this->out[$collector] += $through - $toCollector;
        $this->out[$emitter] -= $through + $toEmitter;
        $ofBase = $gForward / $gain;
        $back = $gReverse / $reverseGain;
        $this->matrix[$base][$base] += $ofBase + $back;
        $this->matrix[$base][$emitter] -= $ofBase;
        $this->matrix[$base][$collector] -= $back;
        $this->matrix[$collector][$base] += $gForward - $gReverse - $back;
        $this->matrix[$collector][$emitter] -= $gForward;
        $this->matrix[$collector][$collector] += $gReverse + $back;
        $this->matrix[$emitter][$base] -= $gForward - $gReverse + $ofBase;
        $this->matrix[$emitter][$emitter] += $gForward + $ofBase;
        $this->matrix[$emitter][$collector] -= $gReverse;
    }

    private function fieldEffect(FieldEffect $element): void
    {
        [$drain, $gate, $source] = [$this->index[$element->drain], $this->index[$element->gate], $this->index[$element->source]];
        [$amps, $perGate, $perDrain] = self::channel(
            $element,
            $this->volts[$gate] - $this->volts[$source],
            $this->volts[$drain] - $this->volts[$source],
        );
        $this->current($drain, $source, $amps);
        $this->slope($drain, $source, $gate, $perGate);
        $this->slope($drain, $source, $drain, $perDrain);
        $this->slope($drain, $source, $source, -$perGate - $perDrain);
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
        [$anode, $cathode, $base, $ground] = [
            $this->index[$element->anode],
            $this->index[$element->cathode],
            $this->index['b' . $name],
            $this->index['gnd'],
        ];
        [$led, $gLed] = $this->junction(
            $name . 'd',
            $this->volts[$anode] - $this->volts[$cathode],
            $element->ledSaturationAmps,
            $element->ledEmission,
        );
        $this->current($anode, $cathode, $led);
        $this->slope($anode, $cathode, $anode, $gLed);
        $this->slope($anode, $cathode, $cathode, -$gLed);
        $share = $element->transferRatio / Coupler::GAIN;
        $this->current($ground, $base, $share * $led);
        $this->slope($ground, $base, $anode, $share * $gLed);
        $this->slope($ground, $base, $cathode, -$share * $gLed);
        $this->bipolar(
            $name,
            $this->index[$element->collector],
            $base,
            $this->index[$element->emitter],
            Coupler::SATURATION_AMPS,
            Coupler::GAIN,
            Coupler::REVERSE_GAIN,
            1.0,
        );
    }

    /**
     * The change of every unknown that the slopes ask for, by elimination with pivoting.
     *
     * @return list<float>
     */
    private function gauss(int $count): array
    {
        $matrix = $this->matrix;
        $right = [];
        for ($row = 0; $row < $count; ++$row) {
            $right[] = -$this->out[$row];
        }
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
        return new Point(array_map(fn(int $place): float => $this->volts[$place], $this->index));
    }
}

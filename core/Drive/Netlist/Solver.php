<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/**
 * The DC operating point of a small circuit, by Newton’s method on its nodes with the junction voltages limited from step to
 * step (Nagel, SPICE2, 1975; from memory). The tests hold it against a circuit simulator.
 */
final class Solver
{
    private const MOST_STEPS = 150;
    /** From every node to ground, so that no node floats. */
    private const LEAK_SIEMENS = 1e-12;
    /** The last step of Newton’s method; what is still wrong after it is about its square over 50 mV, here under a microvolt. */
    private const EXACT_VOLTS = 1e-4;

    private NodalEquations $equations;
    /** @var array<int, array<int, float>> slopes of all straight elements, which stay the same from step to step */
    private array $linear = [];
    /** @var array<string, Curved> */
    private array $curved = [];
    private int $unknown = 0;
    private float $leak = self::LEAK_SIEMENS;

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
            if ($element instanceof VoltageSource) {
                $fixed[$element->node] = $element->volts;
            } else {
                $nodes += array_flip($element->nodes($name));
            }
        }
        $nodes = array_keys(array_diff_key($nodes, $fixed));
        $this->unknown = count($nodes);
        $index = array_flip([...$nodes, ...array_keys($fixed)]);
        $this->equations = new NodalEquations($index, [] !== $guess);
        foreach ($nodes as $node) {
            $this->equations->volts[] = $guess[$node] ?? 0.0;
        }
        array_push($this->equations->volts, ...array_values($fixed));
        $this->linear = array_fill(0, count($index), array_fill(0, count($index), 0.0));
        $this->curved = [];
        foreach ($this->netlist->elements as $name => $element) {
            if ($element instanceof Curved) {
                $this->curved[$name] = $element;
            } elseif ($element instanceof Linear) {
                $this->straight($element->nodes($name), $element->conductance(), $index);
            }
        }
    }

    /**
     * @param list<string> $ends
     * @param array<string, int> $index
     */
    private function straight(array $ends, float $siemens, array $index): void
    {
        [$from, $to] = [$index[$ends[0]], $index[$ends[1]]];
        $this->linear[$from][$from] += $siemens;
        $this->linear[$to][$to] += $siemens;
        $this->linear[$from][$to] -= $siemens;
        $this->linear[$to][$from] -= $siemens;
    }

    private function iterate(): bool
    {
        $equations = $this->equations;
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $equations->wasLimited = false;
            $equations->slopes = $this->linear;
            $equations->out = array_fill(0, count($equations->index), 0.0);
            for ($node = 0; $node < $this->unknown; ++$node) {
                $amps = $this->leak * $equations->volts[$node];
                foreach ($this->linear[$node] as $other => $siemens) {
                    $amps += $siemens * $equations->volts[$other];
                }
                $equations->out[$node] = $amps;
                $equations->slopes[$node][$node] += $this->leak;
            }
            foreach ($this->curved as $name => $element) {
                $element->stamp($name, $equations);
            }
            $greatest = 0.0;
            foreach (self::gauss($equations->slopes, $equations->out, $this->unknown) as $node => $by) {
                $equations->volts[$node] += $by;
                $greatest = max($greatest, abs($by));
            }
            if ($greatest < self::EXACT_VOLTS && !$equations->wasLimited) {
                return true;
            }
        }

        return false;
    }

    /**
     * The change of every unknown that the slopes ask for, by elimination with pivoting.
     *
     * @param array<int, array<int, float>> $matrix
     * @param array<int, float> $out
     * @return list<float>
     */
    private static function gauss(array $matrix, array $out, int $count): array
    {
        $right = [];
        for ($row = 0; $row < $count; ++$row) {
            $right[] = -$out[$row];
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
        return new Point(array_map(fn(int $place): float => $this->equations->volts[$place], $this->equations->index));
    }
}

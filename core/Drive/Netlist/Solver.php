<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/**
 * The DC operating point of a small circuit, by Newton’s method on its nodes with the junction voltages limited from step to
 * step. Circuits of one shape share one program. The tests hold it against a circuit simulator.
 */
final class Solver
{
    /** From every node to ground, so that no node floats; a circuit that does not settle at once is led there through leaky versions. */
    private const LEAK_SIEMENS = 1e-12;
    private const LEAKY_SIEMENS = [1e-2, 1e-4, 1e-6, 1e-8, 1e-10, self::LEAK_SIEMENS];

    /** @var array<string, self> by shape */
    private static array $solvers = [];

    /**
     * @param list<string> $unknown nodes whose voltage is sought
     * @param list<string> $given nodes whose voltage is known, ground first
     * @param \Closure(array<string, Element>, list<float>, float, bool): bool $program
     */
    private function __construct(private readonly array $unknown, private readonly array $given, private readonly \Closure $program) {}

    /**
     * @param array<string, float> $guess node voltages to start from
     * @throws \RuntimeException when no operating point is found
     */
    public static function solve(Netlist $netlist, array $guess = []): Point
    {
        $shape = '';
        $givenVolts = [0.0];
        foreach ($netlist->elements as $name => $element) {
            $shape .= $name . $element->kind() . implode(' ', $element->nodes($name)) . ';';
            if ($element instanceof VoltageSource) {
                $givenVolts[] = $element->volts;
            }
        }
        $solver = self::$solvers[$shape] ??= self::of($netlist);

        return $solver->point($netlist, $givenVolts, $guess);
    }

    private static function of(Netlist $netlist): self
    {
        $given = ['gnd'];
        $nodes = [];
        foreach ($netlist->elements as $name => $element) {
            if ($element instanceof VoltageSource) {
                $given[] = $element->node;
            } else {
                $nodes += array_flip($element->nodes($name));
            }
        }
        $unknown = array_values(array_diff(array_keys($nodes), $given));

        return new self($unknown, $given, SolverCode::compiled($netlist, $unknown, $given));
    }

    /**
     * @param list<float> $givenVolts
     * @param array<string, float> $guess
     */
    private function point(Netlist $netlist, array $givenVolts, array $guess): Point
    {
        $start = [];
        foreach ($this->unknown as $node) {
            $start[] = $guess[$node] ?? 0.0;
        }
        $volts = [...$start, ...$givenVolts];
        if (!($this->program)($netlist->elements, $volts, self::LEAK_SIEMENS, [] !== $guess)) {
            $volts = [...array_fill(0, count($this->unknown), 0.0), ...$givenVolts];
            $settled = false;
            foreach (self::LEAKY_SIEMENS as $leak) {
                $settled = ($this->program)($netlist->elements, $volts, $leak, self::LEAKY_SIEMENS[0] !== $leak);
            }
            if (!$settled) {
                throw new \RuntimeException('No operating point was found for this circuit.');
            }
        }

        return new Point(array_combine([...$this->unknown, ...$this->given], $volts));
    }
}

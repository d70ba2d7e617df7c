<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/**
 * The program that solves circuits of one shape, written once and run for any values: a step of Newton’s method on the nodes, every
 * sum and every step of the elimination spelt out on plain variables. Elements write their part of it; nothing that a maker typed
 * goes into it, only names of nodes and elements of our own circuits, as numbers.
 */
final class SolverCode
{
    /** kT/q at 27 °C, with k and q as the SI defines them (CODATA 2018). */
    public const THERMAL_VOLTS = 1.380649e-23 * 300.15 / 1.602176634e-19;
    private const MOST_STEPS = 150;
    /** The last step of Newton’s method; what is still wrong after it is about its square over 50 mV, here under a microvolt. */
    private const EXACT_VOLTS = 1e-4;

    /** @var list<string> statements before the first step */
    private array $head = [];
    /** @var list<string> statements of each step */
    private array $step = [];
    /** @var array<int, list<string>> amperes out of each unknown node, as signed terms */
    private array $out = [];
    /** @var array<int, array<int, list<string>>> siemens, by unknown node and unknown node */
    private array $slopes = [];
    private int $names = 0;

    /**
     * @param list<string> $unknown nodes whose voltage is sought
     * @param list<string> $given nodes whose voltage is known
     */
    private function __construct(private readonly array $unknown, private readonly array $given) {}

    /**
     * A function of the elements by name, the volts of all nodes (unknown ones first; left there as found), the siemens from every
     * node to ground, and whether the volts are a good guess; true when it has settled.
     *
     * @param list<string> $unknown
     * @param list<string> $given
     * @return \Closure(array<string, Element>, list<float>, float, bool): bool
     */
    public static function compiled(Netlist $netlist, array $unknown, array $given): \Closure
    {
        $code = new self($unknown, $given);
        foreach ($netlist->elements as $name => $element) {
            if ($element instanceof Resists) {
                $element->write($name, $code);
            }
        }

        /** @var \Closure(array<string, Element>, list<float>, float, bool): bool $program */
        $program = eval($code->text());

        return $program;
    }

    /** The voltage of a node. */
    public function volts(string $node): string
    {
        $place = array_search($node, [...$this->unknown, ...$this->given], true);

        return 'gnd' === $node ? '0.0' : '$v' . $place;
    }

    /** A value that stays the same from step to step, such as a field of an element. */
    public function constant(string $expression): string
    {
        return $this->assign($this->head, $expression);
    }

    /** A value of its own in each step. */
    public function value(string $expression): string
    {
        return $this->assign($this->step, $expression);
    }

    /** A current out of one node into another. What flows at a given node is left aside. */
    public function current(string $from, string $to, string $amps): void
    {
        $this->add($from, '+ ' . $amps);
        $this->add($to, '- ' . $amps);
    }

    /** How that current changes with the voltage of a third. */
    public function slope(string $from, string $to, string $with, string $siemens): void
    {
        $this->addSlope($from, $with, '+ ' . $siemens);
        $this->addSlope($to, $with, '- ' . $siemens);
    }

    /**
     * A junction: its current at the limited voltage carried on straight to the true one, and the slope there (limiting of Nagel,
     * SPICE2, 1975; from memory).
     *
     * @param string $volts from anode to cathode
     * @param string $saturationAmps
     * @param string $emission
     * @return array{string, string} amperes and siemens
     */
    public function junction(string $volts, string $saturationAmps, string $emission = '1.0'): array
    {
        $thermal = $this->constant(sprintf('%.17e * %s', self::THERMAL_VOLTS, $emission));
        $critical = $this->constant(sprintf('%1$s * log(%1$s / (M_SQRT2 * %2$s))', $thermal, $saturationAmps));
        // A good guess is taken at its word; from nothing, every junction starts at rest.
        $last = $this->constant('null');
        $now = $this->value($volts);
        $this->step[] = strtr(<<<'CODE'
            $before = LAST ?? ($isGuessed ? NOW : 0.0);
            LAST = NOW;
            if (NOW > CRITICAL && abs(NOW - $before) > 2 * THERMAL) {
                if ($before > 0) {
                    $reach = 1 + (NOW - $before) / THERMAL;
                    LAST = $reach > 0 ? $before + THERMAL * log($reach) : CRITICAL;
                } else {
                    LAST = THERMAL * log(max(NOW / THERMAL, 1e-30));
                }
                $wasLimited = true;
            }
            CODE, ['LAST' => $last, 'NOW' => $now, 'CRITICAL' => $critical, 'THERMAL' => $thermal]);
        $exponential = $this->value(sprintf('exp(max(-40.0, min(300.0, %s / %s)))', $last, $thermal));
        $siemens = $this->value(sprintf('%s * %s / %s', $saturationAmps, $exponential, $thermal));

        return [$this->value(sprintf('%s * (%s - 1) + %s * (%s - %s)', $saturationAmps, $exponential, $siemens, $now, $last)), $siemens];
    }

    /**
     * @param list<string> $statements
     */
    private function assign(array &$statements, string $expression): string
    {
        $name = '$x' . $this->names++;
        $statements[] = "$name = $expression;";

        return $name;
    }

    private function add(string $node, string $term): void
    {
        $place = array_search($node, $this->unknown, true);
        if (false !== $place) {
            $this->out[$place][] = $term;
        }
    }

    private function addSlope(string $node, string $with, string $term): void
    {
        $row = array_search($node, $this->unknown, true);
        $column = array_search($with, $this->unknown, true);
        if (false !== $row && false !== $column) {
            $this->slopes[$row][$column][] = $term;
        }
    }

    private function text(): string
    {
        $volts = implode(', ', array_map(
            static fn(int $place): string => '$v' . $place,
            array_keys([...$this->unknown, ...$this->given]),
        ));
        $sums = [];
        $moves = [];
        foreach (array_keys($this->unknown) as $node) {
            $sums[] = sprintf('$b%d = $leak * $v%d %s;', $node, $node, implode(' ', $this->out[$node] ?? []));
            foreach ($this->rowOf($node) as $with => $terms) {
                $sums[] = sprintf('$a%d_%d = %s %s;', $node, $with, $node === $with ? '$leak' : '0.0', implode(' ', $terms));
            }
            $moves[] = sprintf('$v%1$d -= $b%1$d;', $node);
        }
        $still = implode(' && ', array_map(
            static fn(int $node): string => sprintf('abs($b%d) < %e', $node, self::EXACT_VOLTS),
            array_keys($this->unknown),
        ));

        return implode("\n", [
            'return static function (array $elements, array &$volts, float $leak, bool $isGuessed): bool {',
            "[$volts] = \$volts;",
            ...$this->head,
            sprintf('for ($step = 0; $step < %d; ++$step) {', self::MOST_STEPS),
            '$wasLimited = false;',
            ...$this->step,
            ...$sums,
            ...$this->elimination(),
            ...$moves,
            "if (!\$wasLimited && $still) { \$volts = [$volts]; return true; }",
            '}',
            "\$volts = [$volts];",
            'return false;',
            '};',
        ]);
    }

    /**
     * @return array<int, list<string>>
     */
    private function rowOf(int $node): array
    {
        return ($this->slopes[$node] ?? []) + [$node => []];
    }

    /**
     * Elimination without what is nothing; what is sought ends in $b. No pivot is looked for: a node’s own conductance is never
     * nothing, and Newton’s next step mends what one lacks in accuracy.
     *
     * @return list<string>
     */
    private function elimination(): array
    {
        $lines = [];
        $there = array_map(fn(int $node): array => array_fill_keys(array_keys($this->rowOf($node)), true), array_keys($this->unknown));
        $count = count($this->unknown);
        for ($column = 0; $column < $count; ++$column) {
            for ($row = $column + 1; $row < $count; ++$row) {
                if (!isset($there[$row][$column])) {
                    continue;
                }
                $lines[] = sprintf('$m = $a%d_%d / $a%d_%d;', $row, $column, $column, $column);
                $lines[] = sprintf('$b%d -= $m * $b%d;', $row, $column);
                foreach (array_keys($there[$column]) as $other) {
                    if ($other > $column) {
                        $before = isset($there[$row][$other]) ? sprintf('$a%d_%d', $row, $other) : '0.0';
                        $lines[] = sprintf('$a%d_%d = %s - $m * $a%d_%d;', $row, $other, $before, $column, $other);
                        $there[$row][$other] = true;
                    }
                }
            }
        }
        for ($row = $count - 1; $row >= 0; --$row) {
            $known = '';
            foreach (array_keys($there[$row]) as $column) {
                $known .= $column > $row ? sprintf(' - $a%d_%d * $b%d', $row, $column, $column) : '';
            }
            $lines[] = sprintf('$b%d = ($b%d%s) / $a%d_%d;', $row, $row, $known, $row, $row);
        }

        return $lines;
    }
}

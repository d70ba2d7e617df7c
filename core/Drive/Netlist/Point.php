<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** Node voltages of a circuit at rest. */
final readonly class Point
{
    /**
     * @param array<string, float> $volts by node
     */
    public function __construct(public array $volts) {}

    public function at(string $node): float
    {
        return $this->volts[$node] ?? throw new \LogicException('There is no node ' . $node . ' in this circuit.');
    }

    /** Amperes through a resistor from one node to another. */
    public function through(string $from, string $to, float $ohms): float
    {
        return ($this->at($from) - $this->at($to)) / $ohms;
    }
}

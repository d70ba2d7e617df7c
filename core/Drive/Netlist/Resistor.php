<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

final readonly class Resistor implements Linear
{
    public function __construct(public string $from, public string $to, public float $ohms) {}

    public function spice(string $name): string
    {
        return sprintf('R%s %s %s %.9g', $name, $this->from, $this->to, $this->ohms);
    }

    public function nodes(string $name): array
    {
        return [$this->from, $this->to];
    }

    public function conductance(): float
    {
        return 1 / $this->ohms;
    }
}

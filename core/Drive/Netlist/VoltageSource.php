<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** An ideal voltage source from a node to ground. */
final readonly class VoltageSource implements Element
{
    public function __construct(public string $node, public float $volts) {}

    public function spice(string $name): string
    {
        return sprintf('V%s %s 0 DC %.9g', $name, $this->node, $this->volts);
    }

    public function nodes(string $name): array
    {
        return [$this->node];
    }

    public function kind(): string
    {
        return 'V';
    }
}

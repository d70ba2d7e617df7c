<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

final readonly class Resistor implements Resists
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

    public function kind(): string
    {
        return 'R';
    }

    public function write(string $name, SolverCode $code): void
    {
        $siemens = $code->constant("1 / \$elements['$name']->ohms");
        $amps = $code->value(sprintf('%s * (%s - %s)', $siemens, $code->volts($this->from), $code->volts($this->to)));
        $code->current($this->from, $this->to, $amps);
        $code->slope($this->from, $this->to, $this->from, $siemens);
        $code->slope($this->from, $this->to, $this->to, '-' . $siemens);
    }
}

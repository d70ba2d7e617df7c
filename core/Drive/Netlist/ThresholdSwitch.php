<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** A resistance between two nodes that is there while a third stands above a threshold. */
final readonly class ThresholdSwitch implements Resists
{
    public const OFF_OHMS = 1e9;

    public function __construct(
        public string $from,
        public string $to,
        public string $control,
        public float $thresholdVolts,
        public float $onOhms,
    ) {}

    public function spice(string $name): string
    {
        return sprintf(
            "S%s %s %s %s gnd MS%s\n.model MS%s SW(VT=%.9g VH=0 RON=%.9g ROFF=%.9g)",
            $name,
            $this->from,
            $this->to,
            $this->control,
            $name,
            $name,
            $this->thresholdVolts,
            $this->onOhms,
            self::OFF_OHMS,
        );
    }

    public function nodes(string $name): array
    {
        return [$this->from, $this->to, $this->control];
    }

    public function kind(): string
    {
        return 'S';
    }

    public function write(string $name, SolverCode $code): void
    {
        $siemens = $code->value(sprintf(
            "1 / (%s > \$elements['%s']->thresholdVolts ? \$elements['%s']->onOhms : %e)",
            $code->volts($this->control),
            $name,
            $name,
            self::OFF_OHMS,
        ));
        $amps = $code->value(sprintf('%s * (%s - %s)', $siemens, $code->volts($this->from), $code->volts($this->to)));
        $code->current($this->from, $this->to, $amps);
        $code->slope($this->from, $this->to, $this->from, $siemens);
        $code->slope($this->from, $this->to, $this->to, '-' . $siemens);
    }
}

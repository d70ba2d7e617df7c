<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** A resistance between two nodes that is there while a third stands above a threshold. */
final readonly class ThresholdSwitch implements Curved
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

    public function stamp(string $name, NodalEquations $equations): void
    {
        $from = $equations->index[$this->from];
        $to = $equations->index[$this->to];
        $isOn = $equations->volts[$equations->index[$this->control]] > $this->thresholdVolts;
        $siemens = 1 / ($isOn ? $this->onOhms : self::OFF_OHMS);
        $equations->current($from, $to, $siemens * ($equations->volts[$from] - $equations->volts[$to]));
        $equations->slope($from, $to, $from, $siemens);
        $equations->slope($from, $to, $to, -$siemens);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** A MOSFET of level 1: threshold voltage and transconductance, source at its bulk. Of a p-channel one all signs are turned round. */
final readonly class FieldEffect implements Resists
{
    /**
     * @param float $thresholdVolts its amount, for a p-channel one too
     * @param float $transconductance K in A/V²: I_D = K·((V_GS − V_th)·V_DS − V_DS² ÷ 2) below saturation
     */
    public function __construct(
        public string $drain,
        public string $gate,
        public string $source,
        public float $thresholdVolts,
        public float $transconductance,
        public bool $isPChannel = false,
    ) {}

    public function spice(string $name): string
    {
        return sprintf(
            "M%s %s %s %s %s MM%s L=1u W=1u\n.model MM%s %s(LEVEL=1 VTO=%.9g KP=%.9g IS=1e-18)",
            $name,
            $this->drain,
            $this->gate,
            $this->source,
            $this->source,
            $name,
            $name,
            $this->isPChannel ? 'PMOS' : 'NMOS',
            ($this->isPChannel ? -1 : 1) * $this->thresholdVolts,
            $this->transconductance,
        );
    }

    public function nodes(string $name): array
    {
        return [$this->drain, $this->gate, $this->source];
    }

    public function kind(): string
    {
        return $this->isPChannel ? 'PMOS' : 'NMOS';
    }

    public function write(string $name, SolverCode $code): void
    {
        $sign = $this->isPChannel ? '-' : '';
        $k = $code->constant("\$elements['$name']->transconductance");
        $threshold = $code->constant("\$elements['$name']->thresholdVolts");
        $source = $code->volts($this->source);
        $gate = $code->value(sprintf('%s(%s - %s)', $sign, $code->volts($this->gate), $source));
        $drain = $code->value(sprintf('%s(%s - %s)', $sign, $code->volts($this->drain), $source));
        // Turned round, drain and source change places.
        $isTurned = $code->value("$drain < 0");
        $swing = $code->value("abs($drain)");
        $over = $code->value("max(0.0, ($isTurned ? $gate - $drain : $gate) - $threshold)");
        $reach = $code->value("min($swing, $over)");
        $amps = $code->value("$k * ($over * $reach - $reach * $reach / 2)");
        $perGate = $code->value("$k * $reach");
        $perDrain = $code->value("$k * ($over - $reach)");
        $code->current($this->drain, $this->source, $code->value("$sign($isTurned ? -$amps : $amps)"));
        $ofGate = $code->value("$isTurned ? -$perGate : $perGate");
        $ofDrain = $code->value("$isTurned ? $perGate + $perDrain : $perDrain");
        $code->slope($this->drain, $this->source, $this->gate, $ofGate);
        $code->slope($this->drain, $this->source, $this->drain, $ofDrain);
        $code->slope($this->drain, $this->source, $this->source, $code->value("-$ofGate - $ofDrain"));
    }
}

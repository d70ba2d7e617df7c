<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** A MOSFET of level 1: threshold voltage and transconductance, source at its bulk. Of a p-channel one all signs are turned round. */
final readonly class FieldEffect implements Curved
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

    public function stamp(string $name, NodalEquations $equations): void
    {
        $drain = $equations->index[$this->drain];
        $gate = $equations->index[$this->gate];
        $source = $equations->index[$this->source];
        $sign = $this->isPChannel ? -1 : 1;
        [$amps, $perGate, $perDrain] = $this->channel(
            $sign * ($equations->volts[$gate] - $equations->volts[$source]),
            $sign * ($equations->volts[$drain] - $equations->volts[$source]),
        );
        $equations->current($drain, $source, $sign * $amps);
        $equations->slope($drain, $source, $gate, $perGate);
        $equations->slope($drain, $source, $drain, $perDrain);
        $equations->slope($drain, $source, $source, -$perGate - $perDrain);
    }

    /**
     * @return array{float, float, float} drain current, and its slope with gate and with drain voltage
     */
    private function channel(float $gate, float $drain): array
    {
        if ($drain < 0) {
            // Turned round, drain and source change places.
            [$amps, $perGate, $perDrain] = $this->channel($gate - $drain, -$drain);

            return [-$amps, -$perGate, $perGate + $perDrain];
        }
        $over = $gate - $this->thresholdVolts;
        if ($over <= 0) {
            return [0.0, 0.0, 0.0];
        }
        $k = $this->transconductance;

        return $drain < $over
            ? [$k * ($over * $drain - $drain * $drain / 2), $k * $drain, $k * ($over - $drain)]
            : [$k * $over * $over / 2, $k * $over, 0.0];
    }
}

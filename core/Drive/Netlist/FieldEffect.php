<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** An n-channel MOSFET of level 1: threshold voltage and transconductance, source at its bulk. */
final readonly class FieldEffect implements Element
{
    /**
     * @param float $transconductance K in A/V²: I_D = K·((V_GS − V_th)·V_DS − V_DS² ÷ 2) below saturation
     */
    public function __construct(
        public string $drain,
        public string $gate,
        public string $source,
        public float $thresholdVolts,
        public float $transconductance,
    ) {}

    public function spice(string $name): string
    {
        return sprintf(
            "M%s %s %s %s %s MM%s L=1u W=1u\n.model MM%s NMOS(LEVEL=1 VTO=%.9g KP=%.9g IS=1e-18)",
            $name,
            $this->drain,
            $this->gate,
            $this->source,
            $this->source,
            $name,
            $name,
            $this->thresholdVolts,
            $this->transconductance,
        );
    }
}

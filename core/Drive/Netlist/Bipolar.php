<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** A bipolar transistor in the transport form of the Ebers–Moll model, without Early effect. */
final readonly class Bipolar implements Element
{
    public function __construct(
        public string $collector,
        public string $base,
        public string $emitter,
        public float $saturationAmps,
        public float $gain,
        public float $reverseGain,
        public bool $isPnp = false,
    ) {}

    public function spice(string $name): string
    {
        return sprintf(
            "Q%s %s %s %s MQ%s\n.model MQ%s %s(IS=%.9g BF=%.9g BR=%.9g)",
            $name,
            $this->collector,
            $this->base,
            $this->emitter,
            $name,
            $name,
            $this->isPnp ? 'PNP' : 'NPN',
            $this->saturationAmps,
            $this->gain,
            $this->reverseGain,
        );
    }
}

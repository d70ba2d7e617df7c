<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** A bipolar transistor in the transport form of the Ebers–Moll model, without Early effect. */
final readonly class Bipolar implements Curved
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

    public function nodes(string $name): array
    {
        return [$this->collector, $this->base, $this->emitter];
    }

    public function stamp(string $name, NodalEquations $equations): void
    {
        $sign = $this->isPnp ? -1.0 : 1.0;
        $collector = $equations->index[$this->collector];
        $base = $equations->index[$this->base];
        $emitter = $equations->index[$this->emitter];
        $b = $equations->volts[$base];
        [$forward, $gForward] = $equations->junction($name . 'f', $sign * ($b - $equations->volts[$emitter]), $this->saturationAmps, 1.0);
        [$reverse, $gReverse] = $equations->junction($name . 'r', $sign * ($b - $equations->volts[$collector]), $this->saturationAmps, 1.0);
        // Into the base towards emitter and collector, and from collector to emitter.
        $toEmitter = $sign * $forward / $this->gain;
        $toCollector = $sign * $reverse / $this->reverseGain;
        $through = $sign * ($forward - $reverse);
        $equations->out[$base] += $toEmitter + $toCollector;
        $equations->out[$collector] += $through - $toCollector;
        $equations->out[$emitter] -= $through + $toEmitter;
        $ofBase = $gForward / $this->gain;
        $back = $gReverse / $this->reverseGain;
        $equations->slopes[$base][$base] += $ofBase + $back;
        $equations->slopes[$base][$emitter] -= $ofBase;
        $equations->slopes[$base][$collector] -= $back;
        $equations->slopes[$collector][$base] += $gForward - $gReverse - $back;
        $equations->slopes[$collector][$emitter] -= $gForward;
        $equations->slopes[$collector][$collector] += $gReverse + $back;
        $equations->slopes[$emitter][$base] -= $gForward - $gReverse + $ofBase;
        $equations->slopes[$emitter][$emitter] += $gForward + $ofBase;
        $equations->slopes[$emitter][$collector] -= $gReverse;
    }
}

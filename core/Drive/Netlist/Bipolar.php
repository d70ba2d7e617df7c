<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** A bipolar transistor in the transport form of the Ebers–Moll model, without Early effect. */
final readonly class Bipolar implements Resists
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

    public function kind(): string
    {
        return $this->isPnp ? 'PNP' : 'NPN';
    }

    public function write(string $name, SolverCode $code): void
    {
        $fields = array_map(
            static fn(string $field): string => $code->constant("\$elements['$name']->$field"),
            ['saturationAmps', 'gain', 'reverseGain'],
        );
        self::writeOne($code, [$this->collector, $this->base, $this->emitter], $fields, $this->isPnp ? '-' : '');
    }

    /**
     * @param array{string, string, string} $nodes collector, base and emitter
     * @param list<string> $values saturation current, gain and reverse gain
     * @param string $sign “-” for a PNP, of which all signs are turned round
     */
    public static function writeOne(SolverCode $code, array $nodes, array $values, string $sign): void
    {
        [$collector, $base, $emitter] = $nodes;
        [$saturation, $gain, $reverseGain] = $values;
        $between = static fn(string $from, string $to): string => sprintf('%s(%s - %s)', $sign, $code->volts($from), $code->volts($to));
        [$forward, $gForward] = $code->junction($between($base, $emitter), $saturation);
        [$reverse, $gReverse] = $code->junction($between($base, $collector), $saturation);
        $ofBase = $code->value("$gForward / $gain");
        $back = $code->value("$gReverse / $reverseGain");
        // Out of the base towards emitter and collector, and from collector to emitter.
        $code->current($base, $emitter, $code->value("$sign($forward / $gain)"));
        $code->slope($base, $emitter, $base, $ofBase);
        $code->slope($base, $emitter, $emitter, '-' . $ofBase);
        $code->current($base, $collector, $code->value("$sign($reverse / $reverseGain)"));
        $code->slope($base, $collector, $base, $back);
        $code->slope($base, $collector, $collector, '-' . $back);
        $code->current($collector, $emitter, $code->value("$sign($forward - $reverse)"));
        $code->slope($collector, $emitter, $base, $code->value("$gForward - $gReverse"));
        $code->slope($collector, $emitter, $emitter, '-' . $gForward);
        $code->slope($collector, $emitter, $collector, $gReverse);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** An opto coupler: an LED, and a phototransistor whose base current is the LED’s current times the transfer ratio over its gain. */
final readonly class Coupler implements Resists
{
    public const GAIN = 300.0;
    public const REVERSE_GAIN = 2.0;
    public const SATURATION_AMPS = 1e-14;

    /**
     * @param float $transferRatio collector over LED current, unsaturated
     */
    public function __construct(
        public string $anode,
        public string $cathode,
        public string $collector,
        public string $emitter,
        public float $ledSaturationAmps,
        public float $ledEmission,
        public float $transferRatio,
    ) {}

    public function spice(string $name): string
    {
        return implode("\n", [
            sprintf('Vs%s %s s%s DC 0', $name, $this->anode, $name),
            sprintf('D%s s%s %s MD%s', $name, $name, $this->cathode, $name),
            sprintf('.model MD%s D(IS=%.9g N=%.9g)', $name, $this->ledSaturationAmps, $this->ledEmission),
            sprintf('F%s 0 b%s Vs%s %.9g', $name, $name, $name, $this->transferRatio / self::GAIN),
            sprintf('Q%s %s b%s %s MQ%s', $name, $this->collector, $name, $this->emitter, $name),
            sprintf('.model MQ%s NPN(IS=%.9g BF=%.9g BR=%.9g)', $name, self::SATURATION_AMPS, self::GAIN, self::REVERSE_GAIN),
        ]);
    }

    public function nodes(string $name): array
    {
        return [$this->anode, $this->cathode, $this->collector, $this->emitter, 'b' . $name];
    }

    public function kind(): string
    {
        return 'OC';
    }

    public function write(string $name, SolverCode $code): void
    {
        [$led, $siemens] = $code->junction(
            sprintf('%s - %s', $code->volts($this->anode), $code->volts($this->cathode)),
            $code->constant("\$elements['$name']->ledSaturationAmps"),
            $code->constant("\$elements['$name']->ledEmission"),
        );
        $code->current($this->anode, $this->cathode, $led);
        $code->slope($this->anode, $this->cathode, $this->anode, $siemens);
        $code->slope($this->anode, $this->cathode, $this->cathode, '-' . $siemens);
        $share = $code->constant(sprintf("\$elements['%s']->transferRatio / %e", $name, self::GAIN));
        $into = $code->value("$share * $siemens");
        $code->current('gnd', 'b' . $name, $code->value("$share * $led"));
        $code->slope('gnd', 'b' . $name, $this->anode, $into);
        $code->slope('gnd', 'b' . $name, $this->cathode, '-' . $into);
        $values = array_map(
            static fn(float $value): string => sprintf('%e', $value),
            [self::SATURATION_AMPS, self::GAIN, self::REVERSE_GAIN],
        );
        Bipolar::writeOne($code, [$this->collector, 'b' . $name, $this->emitter], $values, '');
    }
}

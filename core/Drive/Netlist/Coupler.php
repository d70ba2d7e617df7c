<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** An opto coupler: an LED, and a phototransistor whose base current is the LED’s current times the transfer ratio over its gain. */
final readonly class Coupler implements Curved
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

    public function stamp(string $name, NodalEquations $equations): void
    {
        $anode = $equations->index[$this->anode];
        $cathode = $equations->index[$this->cathode];
        $base = $equations->index['b' . $name];
        $ground = $equations->index['gnd'];
        [$led, $siemens] = $equations->junction(
            $name . 'd',
            $equations->volts[$anode] - $equations->volts[$cathode],
            $this->ledSaturationAmps,
            $this->ledEmission,
        );
        $equations->current($anode, $cathode, $led);
        $equations->slope($anode, $cathode, $anode, $siemens);
        $equations->slope($anode, $cathode, $cathode, -$siemens);
        $share = $this->transferRatio / self::GAIN;
        $equations->current($ground, $base, $share * $led);
        $equations->slope($ground, $base, $anode, $share * $siemens);
        $equations->slope($ground, $base, $cathode, -$share * $siemens);
        $this->phototransistor($name)->stamp($name, $equations);
    }

    private function phototransistor(string $name): Bipolar
    {
        return new Bipolar($this->collector, 'b' . $name, $this->emitter, self::SATURATION_AMPS, self::GAIN, self::REVERSE_GAIN);
    }
}

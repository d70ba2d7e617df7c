<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** An exponential diode: I = I_S·(e^(V ÷ (n·V_T)) − 1). */
final readonly class Diode implements Resists
{
    public function __construct(public string $anode, public string $cathode, public float $saturationAmps, public float $emission = 1.0) {}

    /** A diode that drops a voltage at a current; an LED is one with emission coefficient 2. */
    public static function dropping(string $anode, string $cathode, float $volts, float $atAmps, float $emission = 2.0): self
    {
        return new self($anode, $cathode, $atAmps / (exp($volts / ($emission * SolverCode::THERMAL_VOLTS)) - 1), $emission);
    }

    public function spice(string $name): string
    {
        return sprintf(
            "D%s %s %s MD%s\n.model MD%s D(IS=%.9g N=%.9g)",
            $name,
            $this->anode,
            $this->cathode,
            $name,
            $name,
            $this->saturationAmps,
            $this->emission,
        );
    }

    public function nodes(string $name): array
    {
        return [$this->anode, $this->cathode];
    }

    public function kind(): string
    {
        return 'D';
    }

    public function write(string $name, SolverCode $code): void
    {
        [$amps, $siemens] = $code->junction(
            sprintf('%s - %s', $code->volts($this->anode), $code->volts($this->cathode)),
            $code->constant("\$elements['$name']->saturationAmps"),
            $code->constant("\$elements['$name']->emission"),
        );
        $code->current($this->anode, $this->cathode, $amps);
        $code->slope($this->anode, $this->cathode, $this->anode, $siemens);
        $code->slope($this->anode, $this->cathode, $this->cathode, '-' . $siemens);
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Drive\Netlist\SolverCode;

/**
 * The DC operating point of an NPN low-side circuit.
 *
 * The transistor is the transport form of the Ebers–Moll model (Getreu, Modeling the Bipolar Transistor, 1976; equations
 * from memory), without Early effect: I_C = I_S·(e^(V_BE/V_T) − e^(V_BC/V_T)) − I_S/B_R·(e^(V_BC/V_T) − 1) and
 * I_B = I_S/B_F·(e^(V_BE/V_T) − 1) + I_S/B_R·(e^(V_BC/V_T) − 1). The tests hold it against a circuit simulator.
 */
final readonly class NpnOperatingPoint
{
    private const MOST_STEPS = 200;
    private const LONGEST_STEP_VOLTS = 0.05;

    private function __construct(
        public float $baseVolts,
        public float $collectorVolts,
        public float $driveAmps,
        public float $baseAmps,
        public float $collectorAmps,
        public float $coilVolts,
    ) {}

    /**
     * @throws \RuntimeException when no operating point is found
     */
    public static function solve(NpnCircuit $circuit): self
    {
        $vt = SolverCode::THERMAL_VOLTS;
        $baseConductance = 1 / $circuit->driveOhms + (null === $circuit->baseEmitterOhms ? 0.0 : 1 / $circuit->baseEmitterOhms);
        $source = $circuit->driveVolts / $circuit->driveOhms;
        $coilConductance = 1 / ($circuit->coilOhms + $circuit->collectorOhms);
        [$base, $collector] = self::start($circuit, $source, $baseConductance, $coilConductance);
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $forward = exp($base / $vt);
            $reverse = exp(max(-700.0, ($base - $collector) / $vt));
            $baseAmps = $circuit->saturationAmps * (($forward - 1) / $circuit->gain + ($reverse - 1) / $circuit->reverseGain);
            $collectorAmps = $circuit->saturationAmps * ($forward - $reverse - ($reverse - 1) / $circuit->reverseGain);
            $g = $circuit->saturationAmps / $vt;
            // Residuals of the two nodes and their derivatives by (base, collector).
            $f1 = $source - $base * $baseConductance - $baseAmps;
            $f2 = ($circuit->railVolts - $collector) * $coilConductance - $collectorAmps;
            $f1b = -$baseConductance - $g * ($forward / $circuit->gain + $reverse / $circuit->reverseGain);
            $f1c = $g * $reverse / $circuit->reverseGain;
            $f2b = -$g * ($forward - $reverse * (1 + 1 / $circuit->reverseGain));
            $f2c = -$coilConductance - $g * $reverse * (1 + 1 / $circuit->reverseGain);
            $determinant = $f1b * $f2c - $f1c * $f2b;
            $stepBase = -($f1 * $f2c - $f1c * $f2) / $determinant;
            $stepCollector = -($f1b * $f2 - $f2b * $f1) / $determinant;
            // Exponentials punish long steps of the junction voltages; the collector may fall freely while it is high.
            $limit = $collector - $base > 0.3 && $stepCollector > -($collector - $base - 0.2)
                ? self::LONGEST_STEP_VOLTS / max(abs($stepBase), self::LONGEST_STEP_VOLTS)
                : self::LONGEST_STEP_VOLTS / max(abs($stepBase), abs($stepCollector) / 4, self::LONGEST_STEP_VOLTS);
            $base += $stepBase * $limit;
            $collector += $stepCollector * $limit;
            if (abs($stepBase) < 1e-10 && abs($stepCollector) < 1e-9) {
                return self::at($circuit, $base, $collector);
            }
        }
        throw new \RuntimeException('No operating point was found for this driver circuit.');
    }

    /**
     * Where the search starts: off, active or saturated by the hand calculation with 0.65 V at the junction.
     *
     * @return array{float, float} base and inner collector voltage
     */
    private static function start(NpnCircuit $circuit, float $source, float $baseConductance, float $coilConductance): array
    {
        $baseAmps = $source - 0.65 * $baseConductance;
        if ($baseAmps <= 0) {
            return [min($source / $baseConductance, 0.65), $circuit->railVolts];
        }
        $full = $circuit->railVolts * $coilConductance;
        $collectorAmps = min($circuit->gain * $baseAmps, 0.97 * $full);

        return [
            SolverCode::THERMAL_VOLTS * log($collectorAmps / $circuit->saturationAmps),
            $collectorAmps < 0.95 * $full ? $circuit->railVolts - $collectorAmps / $coilConductance : 0.1,
        ];
    }

    private static function at(NpnCircuit $circuit, float $base, float $collector): self
    {
        $driveAmps = ($circuit->driveVolts - $base) / $circuit->driveOhms;
        $baseAmps = $driveAmps - (null === $circuit->baseEmitterOhms ? 0.0 : $base / $circuit->baseEmitterOhms);
        $collectorAmps = ($circuit->railVolts - $collector) / ($circuit->coilOhms + $circuit->collectorOhms);

        return new self(
            $base,
            $collector + $collectorAmps * $circuit->collectorOhms,
            $driveAmps,
            $baseAmps,
            $collectorAmps,
            $collectorAmps * $circuit->coilOhms,
        );
    }
}

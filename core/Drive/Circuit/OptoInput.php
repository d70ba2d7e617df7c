<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Drive\Netlist\SolverCode;

/**
 * The input of an active-low opto module: supply – resistor – indicator LED – opto LED – input node.
 *
 * Each LED is an exponential through its forward voltage at 2 mA, with emission coefficient 2.
 */
final class OptoInput
{
    private const RATED_AMPS = 2e-3;
    private const EMISSION_VOLTS = 2 * SolverCode::THERMAL_VOLTS;

    /**
     * The current out of the module into a node at $nodeVolts behind $nodeOhms.
     *
     * @param float $ledVolts sum of the forward voltages at 2 mA
     * @param int $leds how many LEDs are in series
     */
    public static function amps(float $supplyVolts, float $seriesOhms, float $ledVolts, int $leds, float $nodeVolts, float $nodeOhms): float
    {
        // Solved for x = ln(I ÷ 2 mA): R·2 mA·eˣ + V_F + leds·2V_T·x = V, which rises in x.
        $ohms = $seriesOhms + $nodeOhms;
        $slope = $leds * self::EMISSION_VOLTS;
        $volts = $supplyVolts - $nodeVolts - $ledVolts;
        $x = $volts > 0 ? log(max($volts, 1e-3) / $ohms / self::RATED_AMPS) : $volts / $slope;
        for ($step = 0; $step < 60; ++$step) {
            $drop = $ohms * self::RATED_AMPS * exp($x);
            $change = ($volts - $drop - $slope * $x) / ($drop + $slope);
            $x += max(-20.0, min(2.0, $change));
            if (abs($change) < 1e-10) {
                break;
            }
        }

        return self::RATED_AMPS * exp($x);
    }
}

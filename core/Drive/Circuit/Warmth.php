<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Drive\Netlist\SolverCode;

/**
 * How a value of a semiconductor follows its temperature: a saturation current by the energy gap of silicon (1.11 eV, exponent 3),
 * a gain with the power 1.5 of the absolute temperature, as circuit simulators reckon both (Antognetti and Massobrio, Semiconductor
 * Device Modeling with SPICE, 1988; from memory); a gate’s threshold falls 4 mV with each kelvin, an LED’s voltage 2 mV (data-sheet
 * curves, from memory).
 */
enum Warmth
{
    case Junction;
    case Gain;
    case Threshold;
    case Led;

    /** At which the values of the part files hold. */
    public const REFERENCE_CELSIUS = 27.0;
    private const GAP_VOLTS = 1.11;
    private const SATURATION_EXPONENT = 3.0;
    private const GAIN_EXPONENT = 1.5;
    private const THRESHOLD_VOLTS_PER_KELVIN = 4e-3;
    private const LED_VOLTS_PER_KELVIN = 2e-3;
    private const ZERO_CELSIUS_KELVIN = 273.15;
    /** Where the junction’s voltage is matched: about what moves a small coil. */
    private const MATCHED_AMPS = 10e-3;

    /** °C of junctions in air of a temperature, for whoever fears that they conduct: no cooler than their data hold for. */
    public static function warmest(float $airCelsius): float
    {
        return max(self::REFERENCE_CELSIUS, $airCelsius);
    }

    /** The value at a temperature, from the one at 27 °C. */
    public function at(float $value, float $celsius): float
    {
        $warmer = $celsius - self::REFERENCE_CELSIUS;
        $ratio = ($celsius + self::ZERO_CELSIUS_KELVIN) / (self::REFERENCE_CELSIUS + self::ZERO_CELSIUS_KELVIN);

        return match ($this) {
            self::Junction => self::saturationAmps($value, $ratio),
            self::Gain => $value * $ratio ** self::GAIN_EXPONENT,
            self::Threshold => $value - self::THRESHOLD_VOLTS_PER_KELVIN * $warmer,
            self::Led => $value - self::LED_VOLTS_PER_KELVIN * $warmer,
        };
    }

    /**
     * A saturation current that gives the warm junction’s voltage at 10 mA with the thermal voltage of 27 °C, which the solvers
     * keep: 4 mV off at four times that current.
     */
    private static function saturationAmps(float $amps, float $ratio): float
    {
        $thermal = SolverCode::THERMAL_VOLTS * $ratio;
        $warm = $amps * $ratio ** self::SATURATION_EXPONENT * exp(($ratio - 1) * self::GAP_VOLTS / $thermal);
        $junction = $thermal * log(self::MATCHED_AMPS / $warm);

        return self::MATCHED_AMPS * exp(-$junction / SolverCode::THERMAL_VOLTS);
    }
}

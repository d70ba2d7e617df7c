<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Catalogue\MainsSystem;

/**
 * One step of a fan whose speed is set by a capacitor in series with its motor.
 *
 * The motor is a resistance and an inductance in series, from its rated voltage, power and power factor; a real one slows down and
 * changes both, so this is where it starts from (common practice).
 */
final readonly class CapacitorStage
{
    /** Volts that a charged capacitor may keep (IEC 60335-1: 34 V a second after the plug is drawn, from memory). */
    public const HARMLESS_VOLTS = 34.0;

    /**
     * @param float $amps through the motor
     * @param float $motorVolts across it
     * @param float $capacitorVolts across the capacitor, rms
     * @param float $motorWatts
     */
    private function __construct(public float $amps, public float $motorVolts, public float $capacitorVolts, public float $motorWatts) {}

    /**
     * @param float $ratedVolts at which the motor draws its watts
     * @param float $farads in series; infinite for full speed
     * @param float $seriesOhms that limits the current at closing
     * @throws \InvalidArgumentException when the motor cannot be such
     */
    public static function of(
        float $mainsVolts,
        float $hertz,
        float $ratedVolts,
        float $watts,
        float $powerFactor,
        float $farads,
        float $seriesOhms = 0.0,
    ): self {
        if ($watts <= 0 || $powerFactor <= 0 || $powerFactor > 1 || $farads <= 0) {
            throw new \InvalidArgumentException(
                'A motor draws some watts at a power factor between 0 and 1, and its capacitor has some capacitance.',
            );
        }
        [$resistance, $reactance] = self::motor($ratedVolts, $watts, $powerFactor);
        $capacitive = is_finite($farads) ? 1 / (2 * M_PI * $hertz * $farads) : 0.0;
        $amps = $mainsVolts / hypot($resistance + $seriesOhms, $reactance - $capacitive);

        return new self($amps, $amps * hypot($resistance, $reactance), $amps * $capacitive, $amps ** 2 * $resistance);
    }

    /** Of motor-run capacitors (common practice, from memory). */
    public const TOLERANCE = 0.1;

    /** The greatest voltage, rms, that the capacitor can have: mains high, and its capacitance at whatever comes nearest to resonance. */
    public static function greatestCapacitorVolts(
        float $mainsVolts,
        float $hertz,
        float $watts,
        float $powerFactor,
        float $farads,
        float $seriesOhms,
    ): float {
        $greatest = MainsSystem::HIGHEST_SHARE * $mainsVolts;
        foreach ([1 - self::TOLERANCE, 1.0, 1 + self::TOLERANCE] as $tolerance) {
            $greatest = max(
                $greatest,
                self::of(
                    MainsSystem::HIGHEST_SHARE * $mainsVolts,
                    $hertz,
                    $mainsVolts,
                    $watts,
                    $powerFactor,
                    $tolerance * $farads,
                    $seriesOhms,
                )->capacitorVolts,
            );
        }

        return $greatest;
    }

    /**
     * Capacitors side by side, each with its resistor: as one capacitor with one resistor, at one frequency.
     *
     * @param list<float> $farads infinite for a plain wire, which has no resistor either
     * @return array{float, float} farads and ohms
     */
    public static function sideBySide(array $farads, float $seriesOhms, float $hertz): array
    {
        if (in_array(INF, $farads, true)) {
            return [INF, 0.0];
        }
        $conductance = $susceptance = 0.0;
        foreach ($farads as $one) {
            $reactance = 1 / (2 * M_PI * $hertz * $one);
            $conductance += $seriesOhms / ($seriesOhms ** 2 + $reactance ** 2);
            $susceptance += $reactance / ($seriesOhms ** 2 + $reactance ** 2);
        }
        $square = $conductance ** 2 + $susceptance ** 2;

        return [$square / (2 * M_PI * $hertz * $susceptance), $conductance / $square];
    }

    /**
     * @return array{float, float} ohms of resistance and reactance
     */
    public static function motor(float $ratedVolts, float $watts, float $powerFactor): array
    {
        $impedance = $ratedVolts ** 2 * $powerFactor / $watts;

        return [$impedance * $powerFactor, $impedance * sqrt(1 - $powerFactor ** 2)];
    }

    /** The greatest bleeder in ohms that takes a capacitor from the peak of its own voltage to harmless within a second. */
    public static function bleederOhms(float $capacitorVolts, float $farads): float
    {
        return 1 / ($farads * log(sqrt(2) * $capacitorVolts / self::HARMLESS_VOLTS));
    }

    /**
     * Amperes for a moment when a capacitor is closed onto the peak of the mains.
     *
     * @param float $chargedVolts that it still has, of the other sign: a contact that opens and closes again finds it so
     */
    public static function closingAmps(float $mainsVolts, float $seriesOhms, float $chargedVolts = 0.0): float
    {
        return (sqrt(2) * $mainsVolts + $chargedVolts) / $seriesOhms;
    }
}

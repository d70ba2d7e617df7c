<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Catalogue\Relay;

/**
 * A coil that is switched off: how high its voltage rises at the switch, and how long its current lasts until the relay lets go.
 *
 * The coil is an inductance in series with its resistance. Its time constant is taken as 1.5 ms, as is usual for small relays
 * (from memory); the current at which the armature falls back, as 35 % of the nominal one (common practice, from memory).
 */
final readonly class TurnOff
{
    public const TIME_CONSTANT_SECONDS = 1.5e-3;
    public const RELEASE_SHARE = 0.35;
    public const DIODE_VOLTS = 0.75;
    public const ZENER_VOLTS = 24.0;
    public const RC_OHMS = 100.0;
    public const RC_FARADS = 100e-9;
    /** What hangs on the switch besides: its own capacitance and the wiring. */
    public const STRAY_FARADS = 100e-12;

    /**
     * @param float $peakVolts greatest voltage at the switch
     * @param float $releaseSeconds until the current is too small to hold
     */
    private function __construct(public Clamp $clamp, public float $peakVolts, public float $releaseSeconds) {}

    /**
     * @param ?float $releaseShare of the nominal current, at which the armature falls back: of the usual copy where null; the
     *                             slowest waits until the share at which its maker guarantees it
     */
    public static function of(
        Relay $relay,
        float $railVolts,
        float $coilAmps,
        Clamp $clamp,
        float $timeConstantSeconds = self::TIME_CONSTANT_SECONDS,
        ?float $releaseShare = null,
    ): self {
        $ohms = $relay->coilResistance->typ;
        $henries = $timeConstantSeconds * $ohms;
        $hold = ($releaseShare ?? self::RELEASE_SHARE) * $relay->coilVolts / $ohms;
        $fall = static fn(float $against): float => $timeConstantSeconds * log(max(
            1.0,
            ($coilAmps + $against / $ohms) / ($hold + $against / $ohms),
        ));

        return match ($clamp) {
            Clamp::Diode => new self($clamp, $railVolts + self::DIODE_VOLTS, $fall(self::DIODE_VOLTS)),
            Clamp::DiodeZener => new self(
                $clamp,
                $railVolts + self::DIODE_VOLTS + self::ZENER_VOLTS,
                $fall(self::DIODE_VOLTS + self::ZENER_VOLTS),
            ),
            Clamp::Rc => self::ringing(
                $clamp,
                $railVolts,
                $coilAmps,
                $henries,
                $ohms + self::RC_OHMS,
                self::RC_OHMS,
                self::RC_FARADS,
                $hold,
            ),
            Clamp::None => self::ringing($clamp, $railVolts, $coilAmps, $henries, $ohms, 0.0, self::STRAY_FARADS, $hold),
        };
    }

    public static function henries(Relay $relay): float
    {
        return self::TIME_CONSTANT_SECONDS * $relay->coilResistance->typ;
    }

    /**
     * Coil, resistance and capacitance as a damped oscillation, followed in small steps of the exact solution's own length.
     */
    private static function ringing(
        Clamp $clamp,
        float $railVolts,
        float $amps,
        float $henries,
        float $ohms,
        float $snubOhms,
        float $farads,
        float $hold,
    ): self {
        // L·i' = −R·i − v, C·v' = i; v is the voltage of the capacitance, the switch sees rail + v + i·R_snub.
        $step = sqrt($henries * $farads) / 400;
        $volts = 0.0;
        $peak = $railVolts + $amps * $snubOhms;
        $release = 0.0;
        for ($time = 0.0; $amps > 0 && $time < 0.2; $time += $step) {
            // The trapezoidal rule, solved for both at once.
            $a = $step / (2 * $henries);
            $b = $step / (2 * $farads);
            $right = $amps - $a * ($ohms * $amps + 2 * $volts + $b * $amps);
            $next = $right / (1 + $a * $ohms + $a * $b);
            $volts += $b * ($amps + $next);
            $amps = $next;
            $peak = max($peak, $railVolts + $volts + max(0.0, $amps) * $snubOhms);
            if ($amps > $hold) {
                $release = $time + $step;
            }
        }

        return new self($clamp, $peak, $release);
    }
}

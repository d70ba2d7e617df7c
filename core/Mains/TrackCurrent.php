<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

/** A copper track by IPC-2221: I = k · ΔT^0.44 · A^0.725, A in square mils, k = 0.048 outside and 0.024 inside. */
final class TrackCurrent
{
    private const MIL = 25.4e-6;
    private const OUTER = 0.048;
    private const INNER = 0.024;

    /** Amperes for a rise in kelvin. */
    public static function amps(float $widthMetres, float $copperMetres, float $riseKelvin, bool $inner): float
    {
        return ($inner ? self::INNER : self::OUTER) * $riseKelvin ** 0.44 * ($widthMetres * $copperMetres / self::MIL ** 2) ** 0.725;
    }

    /** Width in metres for a current. */
    public static function width(float $amps, float $copperMetres, float $riseKelvin, bool $inner): float
    {
        return ($amps / (($inner ? self::INNER : self::OUTER) * $riseKelvin ** 0.44)) ** (1 / 0.725) * self::MIL ** 2 / $copperMetres;
    }
}

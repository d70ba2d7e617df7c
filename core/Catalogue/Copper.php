<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;

/** Copper wire: its resistance by length and cross-section, and the American gauges. */
final class Copper
{
    /** Annealed copper at 20 °C in Ω·m: 1/58 Ω·mm²/m (IEC 60028, from memory). */
    public const OHM_METRES = 1 / 58e6;
    /** A flexible wire of a nominal cross-section may have this share more, where no table states it. */
    private const FLEXIBLE_MORE = 0.13;
    /** Greatest resistance at 20 °C of flexible conductors, class 5 of IEC 60228, in Ω/m by mm² (from memory). */
    private const CLASS_5 = ['0.5' => 39.0e-3, '0.75' => 26.0e-3, '1' => 19.5e-3, '1.5' => 13.3e-3, '2.5' => 7.98e-3, '4' => 4.95e-3];

    /** Ohms of one wire: typical by its cross-section, greatest as a flexible conductor of that size may have. */
    public static function ohms(float $metres, float $squareMetres): Spread
    {
        $typical = self::OHM_METRES * $metres / $squareMetres;
        $greatest = $metres
            * (self::CLASS_5[sprintf('%g', round($squareMetres * 1e6, 4))] ?? (1 + self::FLEXIBLE_MORE) * self::OHM_METRES / $squareMetres);

        return new Spread($typical, $typical, max($typical, $greatest));
    }
}

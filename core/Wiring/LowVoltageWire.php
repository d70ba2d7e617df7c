<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** What wires inside the low-voltage side bear (common practice, no source). */
final class LowVoltageWire
{
    /** Up to which current which cross-section serves, rising: mm² by amperes. */
    private const BEARS = [[0.14e-6, 1.0], [0.5e-6, 3.0], [0.75e-6, 6.0], [1.0e-6, 10.0], [1.5e-6, 16.0]];

    /** Amperes that a wire of a cross-section bears; 0 below the least that is used. */
    public static function amps(float $squareMetres): float
    {
        $amps = 0.0;
        foreach (self::BEARS as [$area, $bears]) {
            $amps = $squareMetres >= 0.99 * $area ? $bears : $amps;
        }

        return $amps;
    }

    /** The least cross-section for a current, in m²; null where none of these serves. */
    public static function least(float $amps): ?float
    {
        foreach (self::BEARS as [$area, $bears]) {
            if ($amps <= $bears) {
                return $area;
            }
        }

        return null;
    }
}

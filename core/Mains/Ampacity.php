<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Catalogue\CordTable;

/** What current a flexible conductor bears for good, by the tables for cords. Both written from memory: compare with the standard. */
final class Ampacity
{
    /** IEC 60335-1, least cross-sections of supply cords: mm² up to which current. */
    private const IEC_60335 = [[0.5, 3.0], [0.75, 6.0], [1.0, 10.0], [1.5, 16.0], [2.5, 25.0], [4.0, 32.0]];
    /** NEC table 400.5(A)(1), two current-carrying conductors: gauges 18, 16, 14, 12, 10 by their areas in mm². */
    private const NEC_400 = [[0.82, 10.0], [1.30, 13.0], [2.08, 18.0], [3.30, 25.0], [5.26, 30.0]];

    /** Amperes that a conductor of a cross-section bears; 0 below the least of the table. */
    public static function of(float $squareMetres, CordTable $table): float
    {
        $amps = 0.0;
        foreach (self::rows($table) as [$squareMillimetres, $bears]) {
            // A gauge is a little less than its name in some cords: a hundredth is forgiven.
            $amps = $squareMetres * 1e6 >= 0.99 * $squareMillimetres ? $bears : $amps;
        }

        return $amps;
    }

    /**
     * What is left of that in warmer air, as a ratio: heat leaves a conductor with the difference to the air, and comes with the square
     * of the current.
     *
     * The same as table B.52.14 of IEC 60364-5-52 for PVC (70 °C over 30 °C) and NEC table 310.15(B)(1) for 60 °C, to a hundredth;
     * from memory.
     */
    public static function warmer(float $ambientCelsius, CordTable $table): float
    {
        $limitCelsius = CordTable::Nec400 === $table ? 60.0 : 70.0;

        return min(1.0, sqrt(max(0.0, $limitCelsius - $ambientCelsius) / ($limitCelsius - 30.0)));
    }

    /**
     * The least cross-section of the table that bears a current, in m²; null when none does.
     *
     * @param float $factor what is left in warmer air
     */
    public static function least(float $amps, CordTable $table, float $factor = 1.0): ?float
    {
        foreach (self::rows($table) as [$squareMillimetres, $bears]) {
            if ($amps <= $bears * $factor) {
                return $squareMillimetres * 1e-6;
            }
        }

        return null;
    }

    /**
     * @return list<array{float, float}> mm² and amperes, rising
     */
    private static function rows(CordTable $table): array
    {
        return CordTable::Nec400 === $table ? self::NEC_400 : self::IEC_60335;
    }
}

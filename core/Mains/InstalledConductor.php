<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Catalogue\CordTable;

/**
 * What current the fixed conductors of a house bear for good, two of them loaded, copper. Written from memory: compare with the standard
 * and with what the country makes of it.
 */
final class InstalledConductor
{
    /** IEC 60364-5-52, table B.52.2, PVC, 30 °C: mm², amperes by method A1 (in an insulating wall) and C (on a wall). */
    private const IEC_60364 = [
        [1.0, 11.0, 15.0], [1.5, 14.5, 19.5], [2.5, 19.5, 27.0], [4.0, 26.0, 36.0], [6.0, 34.0, 46.0], [10.0, 46.0, 63.0],
        [16.0, 61.0, 85.0],
    ];
    /** NEC 240.4(D) and table 310.16 at 60 °C: gauges 14, 12, 10, 8 and 6 by their areas; one figure for every way to lay them. */
    private const NEC_240 = [[2.08, 15.0, 15.0], [3.30, 20.0, 20.0], [5.26, 30.0, 30.0], [8.37, 40.0, 40.0], [13.3, 55.0, 55.0]];

    /** Laid as well as it can be, in amperes; 0 below the least of the table. */
    public static function mostAmps(float $squareMetres, CordTable $table): float
    {
        return self::row($squareMetres, $table)[2];
    }

    /** Laid as badly as is common, in a wall that keeps its heat, in amperes. */
    public static function leastAmps(float $squareMetres, CordTable $table): float
    {
        return self::row($squareMetres, $table)[1];
    }

    /**
     * @return array{float, float, float}
     */
    private static function row(float $squareMetres, CordTable $table): array
    {
        $found = [0.0, 0.0, 0.0];
        foreach (CordTable::Nec400 === $table ? self::NEC_240 : self::IEC_60364 as $row) {
            $found = $squareMetres * 1e6 >= 0.99 * $row[0] ? $row : $found;
        }

        return $found;
    }

    /** The table that is gone by, with its source. */
    public static function source(CordTable $table): string
    {
        return (CordTable::Nec400 === $table ? 'NEC 240.4(D), table 310.16' : 'IEC 60364-5-52, table B.52.2') . ', from memory';
    }
}

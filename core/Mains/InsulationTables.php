<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

/**
 * Clearance and creepage between mains and what may be touched, by IEC 60664-1; tables written from memory: compare with the standard.
 *
 * Lengths in metres. Material group III (ordinary boards), inhomogeneous field, up to 2000 m above the sea unless said otherwise.
 */
final class InsulationTables
{
    /** Rated impulse voltages by voltage to neutral and overvoltage category I to IV (table F.1), in volts. */
    private const IMPULSE = [
        [50.0, [330, 500, 800, 1500]],
        [100.0, [500, 800, 1500, 2500]],
        [150.0, [800, 1500, 2500, 4000]],
        [300.0, [1500, 2500, 4000, 6000]],
        [600.0, [2500, 4000, 6000, 8000]],
    ];
    /** Clearance in mm by impulse voltage, pollution degree 2 and 3 (table F.2). */
    private const CLEARANCE = [
        330 => [0.2, 0.8],
        500 => [0.2, 0.8],
        800 => [0.2, 0.8],
        1500 => [0.5, 0.8],
        2500 => [1.5, 1.5],
        4000 => [3.0, 3.0],
        6000 => [5.5, 5.5],
        8000 => [8.0, 8.0],
        12000 => [14.0, 14.0],
    ];
    /** Basic creepage in mm by working voltage rms: pollution degree 2 for groups I, II, III, then degree 3 (table F.4). */
    private const CREEPAGE = [
        [50.0, [0.6, 0.85, 1.2, 1.5, 1.7, 1.9]],
        [63.0, [0.63, 0.9, 1.25, 1.6, 1.8, 2.0]],
        [80.0, [0.67, 0.95, 1.3, 1.7, 1.9, 2.1]],
        [100.0, [0.71, 1.0, 1.4, 1.8, 2.0, 2.2]],
        [125.0, [0.75, 1.05, 1.5, 1.9, 2.1, 2.4]],
        [160.0, [0.8, 1.1, 1.6, 2.0, 2.2, 2.5]],
        [200.0, [1.0, 1.4, 2.0, 2.5, 2.8, 3.2]],
        [250.0, [1.25, 1.8, 2.5, 3.2, 3.6, 4.0]],
        [320.0, [1.6, 2.2, 3.2, 4.0, 4.5, 5.0]],
        [400.0, [2.0, 2.8, 4.0, 5.0, 5.6, 6.3]],
        [500.0, [2.5, 3.6, 5.0, 6.3, 7.1, 8.0]],
    ];
    /** Factor on clearances by metres above the sea (table A.2). */
    private const ALTITUDE = [[2000.0, 1.0], [3000.0, 1.14], [4000.0, 1.29], [5000.0, 1.48]];
    /** Nominal voltages are taken as the next voltage that a supply is built for (table F.3a). */
    private const RATIONALISED = [
        [50.0, 50.0],
        [63.0, 63.0],
        [110.0, 125.0],
        [127.0, 125.0],
        [208.0, 200.0],
        [240.0, 250.0],
        [300.0, 320.0],
        [400.0, 400.0],
        [500.0, 500.0],
    ];

    /** Volts of impulse that a system brings. */
    public static function impulseVolts(float $volts, int $category): int
    {
        foreach (self::IMPULSE as [$upTo, $impulses]) {
            if ($volts <= $upTo) {
                return $impulses[max(1, min(4, $category)) - 1];
            }
        }

        return 8000;
    }

    /** Least way through air. */
    public static function clearance(float $volts, int $category, int $pollution, bool $reinforced, float $altitudeMetres = 0.0): float
    {
        $impulse = self::impulseVolts($volts, $category);
        if ($reinforced) {
            // One step higher in the row of impulse voltages.
            $higher = array_values(array_filter(array_keys(self::CLEARANCE), static fn(int $one): bool => $one > $impulse));
            $impulse = $higher[0] ?? 12000;
        }

        return 1e-3 * self::CLEARANCE[$impulse][$pollution >= 3 ? 1 : 0] * self::between(
            self::ALTITUDE,
            max(2000.0, min(5000.0, $altitudeMetres)),
        );
    }

    /**
     * Least way over the surface; never less than that through air.
     *
     * @param int $group of the material: 1, 2 or 3
     */
    public static function creepage(
        float $volts,
        int $category,
        int $pollution,
        bool $reinforced,
        int $group = 3,
        float $altitudeMetres = 0.0,
    ): float {
        $column = ($pollution >= 3 ? 3 : 0) + max(1, min(3, $group)) - 1;
        $basic = self::between(
            array_map(static fn(array $row): array => [$row[0], $row[1][$column]], self::CREEPAGE),
            self::rationalised($volts),
        );

        return max(1e-3 * $basic * ($reinforced ? 2 : 1), self::clearance($volts, $category, $pollution, $reinforced, $altitudeMetres));
    }

    /** From which width a milled slot lengthens the way over the surface. */
    public static function leastSlotMetres(int $pollution): float
    {
        return $pollution >= 3 ? 1.5e-3 : 1.0e-3;
    }

    private static function rationalised(float $volts): float
    {
        foreach (self::RATIONALISED as [$upTo, $taken]) {
            if ($volts <= $upTo) {
                return $taken;
            }
        }

        return $volts;
    }

    /**
     * A value by straight lines between the rows of a table, as the standard allows.
     *
     * @param non-empty-list<array{float, float}> $rows rising
     */
    private static function between(array $rows, float $at): float
    {
        $before = $rows[0];
        foreach ($rows as $row) {
            if ($at <= $row[0]) {
                return $row[0] === $before[0] ? $row[1] : $before[1] + ($at - $before[0]) / ($row[0] - $before[0]) * ($row[1] - $before[1]);
            }
            $before = $row;
        }

        return $before[1];
    }
}

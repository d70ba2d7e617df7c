<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** Series of preferred values (IEC 60063, written from memory): E6, E12 and E24. */
final class PreferredValues
{
    private const E6 = [1.0, 1.5, 2.2, 3.3, 4.7, 6.8];

    private const E12 = [1.0, 1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 3.9, 4.7, 5.6, 6.8, 8.2];

    private const E24 = [
        1.0,
        1.1,
        1.2,
        1.3,
        1.5,
        1.6,
        1.8,
        2.0,
        2.2,
        2.4,
        2.7,
        3.0,
        3.3,
        3.6,
        3.9,
        4.3,
        4.7,
        5.1,
        5.6,
        6.2,
        6.8,
        7.5,
        8.2,
        9.1,
    ];

    /**
     * The E6 values between two bounds, greatest first.
     *
     * @return list<float>
     */
    public static function e6Between(float $least, float $greatest): array
    {
        return self::between(self::E6, $least, $greatest);
    }

    /**
     * The E12 values between two bounds, greatest first.
     *
     * @return list<float>
     */
    public static function e12Between(float $least, float $greatest): array
    {
        return self::between(self::E12, $least, $greatest);
    }

    /**
     * The E24 values between two bounds, greatest first.
     *
     * @return list<float>
     */
    public static function e24Between(float $least, float $greatest): array
    {
        return self::between(self::E24, $least, $greatest);
    }

    /**
     * @param list<float> $series one decade, rising
     * @return list<float>
     */
    private static function between(array $series, float $least, float $greatest): array
    {
        if ($least <= 0 || $greatest < $least) {
            return [];
        }
        $values = [];
        for ($decade = (int) floor(log10($greatest)); $decade >= (int) floor(log10($least)); --$decade) {
            foreach (array_reverse($series) as $mantissa) {
                $value = (float) sprintf('%.1fe%d', $mantissa, $decade);
                if ($value >= $least && $value <= $greatest) {
                    $values[] = $value;
                }
            }
        }

        return $values;
    }
}

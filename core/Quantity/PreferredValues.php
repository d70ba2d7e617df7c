<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** The E12 series of preferred values (IEC 60063, written from memory). */
final class PreferredValues
{
    private const E12 = [1.0, 1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 3.9, 4.7, 5.6, 6.8, 8.2];

    /**
     * The E12 values between two bounds, greatest first.
     *
     * @return list<float>
     */
    public static function e12Between(float $least, float $greatest): array
    {
        if ($least <= 0 || $greatest < $least) {
            return [];
        }
        $values = [];
        for ($decade = (int) floor(log10($greatest)); $decade >= (int) floor(log10($least)); --$decade) {
            foreach (array_reverse(self::E12) as $mantissa) {
                $value = (float) sprintf('%.1fe%d', $mantissa, $decade);
                if ($value >= $least && $value <= $greatest) {
                    $values[] = $value;
                }
            }
        }

        return $values;
    }
}

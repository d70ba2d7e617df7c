<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Bounds of a resistor in a circuit. */
final class Resistance
{
    /**
     * @param ?float $ohms null where none is fitted
     * @throws \InvalidArgumentException naming the bounds and what is usual
     */
    public static function within(string $what, ?float $ohms, float $least, float $greatest, string $usual): void
    {
        if (null !== $ohms && ($ohms < $least || $ohms > $greatest)) {
            throw new \InvalidArgumentException(sprintf(
                'A %s lies between %s and %s. Usual is %s.',
                $what,
                self::written($least),
                self::written($greatest),
                $usual,
            ));
        }
    }

    private static function written(float $ohms): string
    {
        return match (true) {
            $ohms >= 1e6 => sprintf('%g MΩ', $ohms / 1e6),
            $ohms >= 1e3 => sprintf('%g kΩ', $ohms / 1e3),
            default => sprintf('%g Ω', $ohms),
        };
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** Moments and lengths of time as whole microseconds, so that a run is the same on every machine. */
final class Micros
{
    public const MILLISECOND = 1_000;
    public const SECOND = 1_000_000;
    public const MINUTE = 60 * self::SECOND;
    public const WEEK = 7 * 24 * 60 * self::MINUTE;

    public static function of(float $seconds): int
    {
        return (int) round($seconds * self::SECOND);
    }

    public static function seconds(int $micros): float
    {
        return $micros / self::SECOND;
    }
}

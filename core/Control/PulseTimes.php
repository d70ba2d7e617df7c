<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

/**
 * Reads a list of times, as receivers print what they could not name or print besides: marks and spaces in microseconds, in turn.
 *
 * The 32-bit pulse-distance code begins with a mark of 9 ms and a space of 4.5 ms; each bit is a mark of 562 µs and a space of
 * 562 µs for 0 or 1687 µs for 1, and a last mark ends it (from memory). Receivers stretch marks and shorten spaces by up to 200 µs.
 */
final class PulseTimes
{
    public const LEAST_NUMBERS = 60;
    private const HEAD_MICROSECONDS = [9000, 4500];
    private const HEAD_SHARE = 0.2;
    private const MARK_MICROSECONDS = [300, 850];
    private const ZERO_MICROSECONDS = [300, 850];
    private const ONE_MICROSECONDS = [1300, 2100];
    private const BITS = 32;
    /** Head, bits and the last mark. */
    private const NUMBERS = 2 + 2 * self::BITS + 1;

    /**
     * Every code in a list of times, whatever stands before, between and behind.
     *
     * @param list<int> $times microseconds, signs left aside
     * @return list<string> 32 bits each in hexadecimal, first bit sent in front; none where it is another code
     */
    public static function values(array $times): array
    {
        $times = array_map(abs(...), $times);
        $values = [];
        for ($place = 0; $place < count($times) - self::NUMBERS + 1; ++$place) {
            $value = self::isNear($times[$place], self::HEAD_MICROSECONDS[0])
                && self::isNear($times[$place + 1], self::HEAD_MICROSECONDS[1])
                ? self::bits($times, $place + 2)
                : null;
            if (null !== $value) {
                $values[] = $value;
                $place += self::NUMBERS - 1;
            }
        }

        return $values;
    }

    /**
     * @param list<int> $times
     */
    private static function bits(array $times, int $place): ?string
    {
        $value = 0;
        for ($bit = 0; $bit < self::BITS; ++$bit, $place += 2) {
            $isOne = self::lies($times[$place + 1], self::ONE_MICROSECONDS);
            if (
                !self::lies($times[$place], self::MARK_MICROSECONDS)
                || !$isOne && !self::lies($times[$place + 1], self::ZERO_MICROSECONDS)
            ) {
                return null;
            }
            $value = $value << 1 | ($isOne ? 1 : 0);
        }

        return sprintf('%08X', $value);
    }

    private static function isNear(int $microseconds, int $nominal): bool
    {
        return abs($microseconds - $nominal) <= self::HEAD_SHARE * $nominal;
    }

    /**
     * @param array{int, int} $bounds
     */
    private static function lies(int $microseconds, array $bounds): bool
    {
        return $microseconds >= $bounds[0] && $microseconds <= $bounds[1];
    }
}

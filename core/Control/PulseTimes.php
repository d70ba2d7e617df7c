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

    /**
     * @param list<int> $times microseconds, signs left aside; a pause before the first mark may stand in front
     * @return ?string 32 bits in hexadecimal, first bit sent in front; null where it is another code
     */
    public static function value(array $times): ?string
    {
        $times = array_map(abs(...), $times);
        if ([] !== $times && !self::isNear($times[0], self::HEAD_MICROSECONDS[0])) {
            array_shift($times);
        }
        if (count($times) < 3 + 2 * self::BITS - 1 || !self::isNear($times[0], self::HEAD_MICROSECONDS[0]) || !self::isNear($times[1], self::HEAD_MICROSECONDS[1])) {
            return null;
        }
        $value = 0;
        for ($bit = 0; $bit < self::BITS; ++$bit) {
            [$mark, $space] = [$times[2 + 2 * $bit], $times[3 + 2 * $bit]];
            if (!self::lies($mark, self::MARK_MICROSECONDS) || !self::lies($space, self::ZERO_MICROSECONDS) && !self::lies($space, self::ONE_MICROSECONDS)) {
                return null;
            }
            $value = $value << 1 | (self::lies($space, self::ONE_MICROSECONDS) ? 1 : 0);
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

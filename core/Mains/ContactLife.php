<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

/**
 * How often a contact closes and opens before it is worn: 100 000 times at its full share for the kind of load, more at less current, by
 * the
 * power of 1.5, and no more than its mechanics bear (common practice for small relays, from memory).
 */
final class ContactLife
{
    private const AT_FULL_SHARE = 1e5;
    private const MECHANICAL = 1e7;
    private const EXPONENT = 1.5;

    /** @param float $margin usable rating over current */
    public static function switchings(float $margin): float
    {
        return min(self::MECHANICAL, self::AT_FULL_SHARE * max(0.0, $margin) ** self::EXPONENT);
    }

    /** Years at so many switchings a day; infinite for none. */
    public static function years(float $margin, float $perDay): float
    {
        return $perDay > 0 ? self::switchings($margin) / $perDay / 365 : INF;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** Days as they are written: 2026-03-14. */
final class Day
{
    /**
     * @param string $what what happened on that day, for the refusal
     * @throws \InvalidArgumentException when there is no such day
     */
    public static function checked(string $day, string $what): string
    {
        $isDay = 1 === preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $day, $found)
            && checkdate((int) $found[2], (int) $found[3], (int) $found[1])
            && (int) $found[1] >= 1970;

        return $isDay || '' === $day ? $day : throw new \InvalidArgumentException(sprintf(
            '“%s” is no day on which %s. Write it as 2026-03-14.',
            mb_substr($day, 0, 20),
            $what,
        ));
    }
}

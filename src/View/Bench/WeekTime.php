<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

/** A time of the week as people write it: “Mon 08:00”. */
final class WeekTime
{
    private const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

    /** @param int $seconds from Monday 00:00; more than a week begins anew */
    public static function printed(int $seconds): string
    {
        $seconds %= 7 * 86_400;

        return sprintf('%s %02d:%02d', self::DAYS[intdiv($seconds, 86_400)], intdiv($seconds, 3_600) % 24, intdiv($seconds, 60) % 60);
    }

    /**
     * @return int minutes from Monday 00:00
     * @throws \InvalidArgumentException for what is no such time
     */
    public static function read(string $text): int
    {
        $isTime = 1 === preg_match('/^\s*([a-z]{3})[a-z]*\s+(\d{1,2}):(\d{2})\s*$/i', $text, $found);
        $day = $isTime ? array_search(ucfirst(strtolower($found[1])), self::DAYS, true) : false;
        if (!is_int($day) || (int) $found[2] > 23 || (int) $found[3] > 59) {
            throw new \InvalidArgumentException(sprintf('“%s” is no time of the week. Write it as “Mon 08:00”.', $text));
        }

        return $day * 1_440 + (int) $found[2] * 60 + (int) $found[3];
    }
}

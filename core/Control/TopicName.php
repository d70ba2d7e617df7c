<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

/** What a broker lets stand as the name of a topic: MQTT 3.1.1, sections 1.5.3 and 4.7, from memory. */
final class TopicName
{
    private const MOST_BYTES = 65_535;

    /** What makes it illegal, in words; null when nothing does. */
    public static function fault(string $topic): ?string
    {
        return match (true) {
            '' === $topic => 'it is empty',
            strlen($topic) > self::MOST_BYTES => 'it is longer than 65535 bytes',
            str_contains($topic, '+') || str_contains($topic, '#') => '“+” and “#” are wildcards',
            str_contains($topic, "\0") || !mb_check_encoding($topic, 'UTF-8') => 'it holds a character that no topic may hold',
            str_starts_with($topic, '$') => 'topics that begin with “$” belong to the broker',
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Entity;

/** A binary column: what was just set is a text, what was read is a stream. */
final class Blob
{
    /**
     * @param resource|string $content
     */
    public static function text($content): string
    {
        if (is_string($content)) {
            return $content;
        }
        rewind($content);

        return (string) stream_get_contents($content);
    }
}

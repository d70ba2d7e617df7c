<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** Bytes of a file as UTF-8, whatever they were: UTF-16 with its mark, UTF-8, else the old western table of characters. */
final class TableText
{
    public const MOST_BYTES = 4_000_000;

    /** @throws Unreadable when it is no text */
    public static function of(string $bytes): string
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw Unreadable::tooLarge();
        }
        $from = match (true) {
            str_starts_with($bytes, "\xFF\xFE") => 'UTF-16LE',
            str_starts_with($bytes, "\xFE\xFF") => 'UTF-16BE',
            mb_check_encoding($bytes, 'UTF-8') => 'UTF-8',
            default => 'Windows-1252',
        };
        $text = (string) preg_replace('/^\x{FEFF}/u', '', mb_scrub(mb_convert_encoding($bytes, 'UTF-8', $from), 'UTF-8'));
        if ('' === trim($text)) {
            throw new Unreadable('This file is empty. Choose the netlist or the list itself.');
        }
        if (1 === preg_match('/[\x00-\x08\x0E-\x1F]/', $text)) {
            throw new Unreadable('This is no text: it may be packed. Unpack it, and choose the netlist or the list itself.');
        }

        return $text;
    }

    /**
     * Words between blanks and marks.
     *
     * @param string $marks as in a class of characters
     * @return list<string>
     */
    public static function words(string $text, string $marks = ''): array
    {
        preg_match_all('/[^\s' . $marks . ']+/u', $text, $found);

        return $found[0];
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** The one size of type on a sheet, and how much room it takes. */
final class Type
{
    public const SIZE = 2.4;
    /** From the base line to the top of a capital. */
    public const HEIGHT = 1.8;
    /** Of a letter of the condensed face, the widest usual ones, over the size. */
    private const SHARE = 0.52;

    public static function width(string $text): float
    {
        return mb_strlen($text) * self::SIZE * self::SHARE;
    }

    public static function cut(string $text, int $most): string
    {
        return mb_strlen($text) > $most ? rtrim(mb_substr($text, 0, $most - 1)) . '…' : $text;
    }
}

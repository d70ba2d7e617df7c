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

    /**
     * In lines of no more letters than that, and no more lines; what is left out is said by an ellipsis. A number keeps its unit beside it.
     *
     * @return list<string>
     */
    public static function wrapped(string $text, int $letters, int $lines): array
    {
        $wrapped = [''];
        $words = preg_split('/(?<![0-9]) /', $text);
        foreach (false === $words ? [$text] : $words as $word) {
            $last = count($wrapped) - 1;
            if ('' === $wrapped[$last] || mb_strlen($wrapped[$last] . ' ' . $word) <= $letters) {
                $wrapped[$last] = ltrim($wrapped[$last] . ' ' . $word);
            } elseif (count($wrapped) < $lines) {
                $wrapped[] = $word;
            } else {
                $wrapped[$last] .= ' ' . $word;
            }
        }

        return array_map(static fn(string $line): string => self::cut($line, $letters), $wrapped);
    }

    public static function cut(string $text, int $most): string
    {
        return mb_strlen($text) > $most ? rtrim(mb_substr($text, 0, $most - 1)) . '…' : $text;
    }
}

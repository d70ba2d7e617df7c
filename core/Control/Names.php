<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

/** How names are told apart when they are spoken or typed. */
final class Names
{
    /** A name without what a voice or a hasty hand leaves out: capitals, blanks, punctuation. */
    public static function spoken(string $name): string
    {
        return preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($name)) ?? '';
    }

    /**
     * The name with the lowest number behind it that no other name sounds like.
     *
     * @param iterable<string> $taken
     */
    public static function free(string $name, iterable $taken): string
    {
        $spoken = [];
        foreach ($taken as $other) {
            $spoken[self::spoken($other)] = true;
        }
        $number = 2;
        while (isset($spoken[self::spoken($name . ' ' . $number)])) {
            ++$number;
        }

        return $name . ' ' . $number;
    }
}

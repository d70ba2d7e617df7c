<?php

declare(strict_types=1);

namespace IronLatch\Phone;

/** Digits that are read from across the workshop, in a terminal of 80 columns: eleven of them, or an address of four numbers. */
final class LargeType
{
    /** Seven strokes of each digit: top, top left, top right, middle, bottom left, bottom right, bottom. */
    private const STROKES = [
        '0' => '1110111', '1' => '0010010', '2' => '1011101', '3' => '1011011', '4' => '0111010',
        '5' => '1101011', '6' => '1101111', '7' => '1010010', '8' => '1111111', '9' => '1111011', ' ' => '0000000',
    ];

    private const DOTS = ['.' => [' ', ' ', ' ', ' ', '#'], ':' => [' ', '#', ' ', '#', ' ']];

    /**
     * @param string $digits with points and colons between them
     * @return list<string> five lines of text
     */
    public static function lines(string $digits): array
    {
        $lines = ['', '', '', '', ''];
        foreach (str_split($digits) as $digit) {
            if (isset(self::DOTS[$digit])) {
                foreach (self::DOTS[$digit] as $row => $part) {
                    $lines[$row] .= $part . '  ';
                }
                continue;
            }
            $on = array_map(static fn(string $bit): bool => '1' === $bit, str_split(self::STROKES[$digit] ?? self::STROKES[' ']));
            $across = static fn(bool $is): string => $is ? ' #### ' : '      ';
            $down = static fn(bool $left, bool $right): string => ($left ? '#' : ' ') . '    ' . ($right ? '#' : ' ');
            foreach ([$across($on[0]), $down($on[1], $on[2]), $across($on[3]), $down($on[4], $on[5]), $across($on[6])] as $row => $part) {
                $lines[$row] .= $part . '  ';
            }
        }

        return array_map(rtrim(...), $lines);
    }
}

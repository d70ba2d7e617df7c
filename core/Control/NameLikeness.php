<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\LetterCase;
use IronLatch\Core\Catalogue\NamingRules;

/** Whether two names can be taken for each other when they are spoken. */
enum NameLikeness: string
{
    case Same = 'the same when spoken or typed';
    case Digits = 'the same, once as a digit and once as a word';
    case Sound = 'alike in sound';
    case Contained = 'one within the other';

    private const NUMBERS = ['zero' => '0', 'one' => '1', 'two' => '2', 'three' => '3', 'four' => '4', 'five' => '5', 'six' => '6', 'seven' => '7', 'eight' => '8', 'nine' => '9', 'ten' => '10', 'eleven' => '11', 'twelve' => '12'];

    public static function between(string $one, string $other): ?self
    {
        [$a, $b] = [Names::spoken($one), Names::spoken($other)];
        if ($a === $b) {
            return self::Same;
        }
        [$wordsA, $wordsB] = [self::words($one), self::words($other)];
        if ($wordsA === $wordsB) {
            return self::Digits;
        }
        if (count($wordsA) === count($wordsB) && self::sound($wordsA) === self::sound($wordsB)) {
            return self::Sound;
        }

        return self::isWithin($wordsA, $wordsB) || self::isWithin($wordsB, $wordsA) ? self::Contained : null;
    }

    /**
     * @return list<string> with numbers as digits
     */
    private static function words(string $name): array
    {
        $name = Naming::fit($name, new NamingRules(120, ' ', LetterCase::Lower, ''));
        $name = (string) preg_replace('/(?<=[a-z])(?=\\d)|(?<=\\d)(?=[a-z])/', ' ', $name);

        return array_map(static fn(string $word): string => self::NUMBERS[$word] ?? $word, explode(' ', $name));
    }

    /**
     * By metaphone, a published rule for English spelling, which hears the silent letters of “night”; numbers stay what they are.
     *
     * @param list<string> $words
     * @return list<string>
     */
    private static function sound(array $words): array
    {
        return array_map(static fn(string $word): string => ctype_digit($word) ? $word : metaphone(str_replace('ght', 't', $word)), $words);
    }

    /**
     * @param list<string> $short
     * @param list<string> $long
     */
    private static function isWithin(array $short, array $long): bool
    {
        return count($short) < count($long) && str_contains(' ' . implode(' ', $long) . ' ', ' ' . implode(' ', $short) . ' ');
    }
}

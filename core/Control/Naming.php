<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\LetterCase;
use IronLatch\Core\Catalogue\NamingRules;

/** Makes a name legal where it is to be used, and says what makes another illegal. */
final class Naming
{
    /** Letters beyond ASCII as they are written without (common practice for Latin scripts). */
    private const PLAIN = [
        'ä' => 'ae', 'ö' => 'oe', 'ü' => 'ue', 'Ä' => 'Ae', 'Ö' => 'Oe', 'Ü' => 'Ue', 'ß' => 'ss', 'æ' => 'ae', 'Æ' => 'Ae',
        'ø' => 'oe', 'Ø' => 'Oe', 'å' => 'aa', 'Å' => 'Aa', 'œ' => 'oe', 'Œ' => 'Oe',
        'á' => 'a', 'à' => 'a', 'â' => 'a', 'ã' => 'a', 'ă' => 'a', 'ą' => 'a', 'Á' => 'A', 'À' => 'A', 'Â' => 'A', 'Ã' => 'A',
        'ç' => 'c', 'ć' => 'c', 'č' => 'c', 'Ç' => 'C', 'Č' => 'C', 'ď' => 'd', 'đ' => 'd', 'ð' => 'd',
        'é' => 'e', 'è' => 'e', 'ê' => 'e', 'ë' => 'e', 'ě' => 'e', 'ę' => 'e', 'É' => 'E', 'È' => 'E', 'Ê' => 'E', 'ğ' => 'g',
        'í' => 'i', 'ì' => 'i', 'î' => 'i', 'ï' => 'i', 'ı' => 'i', 'Í' => 'I', 'İ' => 'I', 'ł' => 'l', 'Ł' => 'L',
        'ñ' => 'n', 'ń' => 'n', 'ň' => 'n', 'Ñ' => 'N', 'ó' => 'o', 'ò' => 'o', 'ô' => 'o', 'õ' => 'o', 'ő' => 'o', 'Ó' => 'O',
        'Ô' => 'O', 'Õ' => 'O', 'ř' => 'r', 'ś' => 's', 'š' => 's', 'ş' => 's', 'ș' => 's', 'Š' => 'S', 'Ś' => 'S',
        'ť' => 't', 'ţ' => 't', 'ț' => 't', 'þ' => 'th', 'ú' => 'u', 'ù' => 'u', 'û' => 'u', 'ů' => 'u', 'ű' => 'u', 'Ú' => 'U',
        'Û' => 'U', 'ý' => 'y', 'ÿ' => 'y', 'ź' => 'z', 'ż' => 'z', 'ž' => 'z', 'Ž' => 'Z', 'Ż' => 'Z',
        '&' => ' and ', '+' => ' plus ', '²' => '2', '³' => '3',
    ];

    /** The name as it may stand there; never empty. */
    public static function fit(string $name, NamingRules $rules): string
    {
        $name = $rules->plainLetters ? strtr($name, self::PLAIN) : $name;
        $name = match ($rules->case) {
            LetterCase::Lower => mb_strtolower($name),
            LetterCase::Upper => mb_strtoupper($name),
            LetterCase::Any => $name,
        };
        $letters = $rules->plainLetters ? 'A-Za-z0-9' : '\\p{L}\\p{N}';
        // Whatever may not stand there parts words, as a blank does.
        $words = array_values(array_filter(
            self::split('/[^' . $letters . preg_quote(str_replace(' ', '', $rules->signs), '/') . ']+/u', $name),
            static fn(string $word): bool => '' !== $word,
        ));
        $fit = implode($rules->blank, $words);
        if ('' === $fit || $rules->startsWithLetter && 1 !== preg_match('/^\\p{L}/u', $fit)) {
            $fit = self::cased('line', $rules) . ('' === $fit ? '' : $rules->blank . $fit);
        }
        if (in_array(mb_strtolower($fit), $rules->reserved, true)) {
            $fit .= $rules->blank . self::cased('line', $rules);
        }

        return rtrim(mb_substr($fit, 0, $rules->most), $rules->blank . ' ');
    }

    /**
     * The name with a number behind it, as it may stand there.
     */
    public static function numbered(string $name, int $number, NamingRules $rules): string
    {
        $ending = $rules->blank . $number;

        return mb_substr($name, 0, $rules->most - mb_strlen($ending)) . $ending;
    }

    /** What makes a name illegal there, in words; null when nothing does. */
    public static function fault(string $name, NamingRules $rules): ?string
    {
        $letters = $rules->plainLetters ? 'A-Za-z0-9' : '\\p{L}\\p{N}';

        return match (true) {
            '' === trim($name) => 'it is empty',
            mb_strlen($name) > $rules->most => sprintf('it has %d characters, and %d are allowed', mb_strlen($name), $rules->most),
            1 === preg_match(
                '/([^' . $letters . preg_quote($rules->signs . $rules->blank, '/') . '])/u',
                $name,
                $match,
            ) => ' ' === $match[1] ? 'it holds a blank' : sprintf('it holds “%s”', $match[1]),
            LetterCase::Lower === $rules->case && mb_strtolower($name) !== $name => 'it holds capitals',
            LetterCase::Upper === $rules->case && mb_strtoupper($name) !== $name => 'it holds small letters',
            $rules->startsWithLetter && 1 !== preg_match('/^\\p{L}/u', $name) => 'it does not start with a letter',
            in_array(mb_strtolower($name), $rules->reserved, true) => 'the word is taken there',
            default => null,
        };
    }

    /**
     * @return list<string>
     */
    private static function split(string $pattern, string $text): array
    {
        $parts = preg_split($pattern, $text);

        return false === $parts ? [] : $parts;
    }

    private static function cased(string $word, NamingRules $rules): string
    {
        return LetterCase::Upper === $rules->case ? mb_strtoupper($word) : $word;
    }
}

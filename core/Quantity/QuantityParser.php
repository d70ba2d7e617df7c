<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/**
 * Reads quantities as makers write them: `4k7`, `1.5A`, `100n`, `16 AWG`, `0,36 W`.
 *
 * The result is in SI. The decimal shift is done on the digits, so that "71.4 mA" gives exactly the float 0.0714.
 */
final class QuantityParser
{
    private const NUMBER = '[+-]?(?:\d+(?:[.,]\d+)?|[.,]\d+)(?:[eE][+-]?\d{1,2})?';
    private const LONGEST = 80;

    /**
     * @throws NotAQuantity with a sentence that says what was expected
     */
    public static function parse(string $text, Unit $unit): float
    {
        // NBSP and thin spaces come with text copied from pages; a true minus sign with text copied from data sheets.
        $plain = trim(str_replace(["\u{A0}", "\u{2009}", "\u{202F}", "\u{2212}"], [' ', ' ', ' ', '-'], $text));
        if ('' === $plain || strlen($plain) > self::LONGEST) {
            throw NotAQuantity::expected($text, $unit);
        }
        $value = self::asGauge($plain, $unit)
            ?? self::asCubicInches($plain, $unit)
            ?? self::asInfix($plain, $unit)
            ?? self::asNumberAndUnit($plain, $unit);
        if (null !== $value) {
            return $value;
        }
        foreach (Unit::cases() as $other) {
            if ($other !== $unit && Unit::Ratio !== $other && null !== self::asNumberAndUnit($plain, $other, unitRequired: true)) {
                throw NotAQuantity::wrongUnit($text, $other, $unit);
            }
        }
        throw NotAQuantity::expected($text, $unit);
    }

    /**
     * Reads the spelling used in files: a number with a point, one space, prefix and symbol. Nothing else is taken.
     *
     * @throws NotAQuantity
     */
    public static function parseWritten(string $text, Unit $unit): float
    {
        if (1 !== preg_match('/' . self::writtenPattern($unit) . '/u', $text)) {
            return self::refuseWritten($text, $unit);
        }

        return self::asNumberAndUnit($text, $unit, unitRequired: true) ?? self::refuseWritten($text, $unit);
    }

    /** The regular expression (without delimiters) that a quantity in a file matches. */
    public static function writtenPattern(Unit $unit): string
    {
        $prefix = $unit->takesPrefix() ? "[pnm\u{B5}kMG]?" : '';
        $symbol = preg_quote($unit->millionth() ?? $unit->value, '/');

        return '^-?\d{1,20}(\.\d{1,40})? ' . $prefix . $symbol . '$';
    }

    private static function refuseWritten(string $text, Unit $unit): never
    {
        try {
            $value = self::parse($text, $unit);
        } catch (NotAQuantity $fault) {
            throw $fault;
        }
        throw new NotAQuantity(sprintf(
            '“%s” must be written with its unit in one spelling in a file: “%s”.',
            $text,
            QuantityPrinter::written($value, $unit),
        ));
    }

    /** `16 AWG`, `AWG 16`: diameter 0.127 mm · 92^((36 − n)/39), as the gauge is defined. */
    private static function asGauge(string $text, Unit $unit): ?float
    {
        if (Unit::SquareMetre !== $unit || 1 !== preg_match('/^(?:AWG\s*(\d{1,2})|(\d{1,2})\s*AWG)$/i', $text, $match)) {
            return null;
        }
        $gauge = (int) ('' !== $match[1] ? $match[1] : $match[2]);
        if ($gauge > 40) {
            return null;
        }
        $diameterMetres = 0.127e-3 * 92 ** ((36 - $gauge) / 39);

        return M_PI / 4 * $diameterMetres ** 2;
    }

    /** `18 in³`, as boxes are marked in North America. */
    private static function asCubicInches(string $text, Unit $unit): ?float
    {
        $isMatch = Unit::CubicMetre === $unit && 1 === preg_match('/^(' . self::NUMBER . ')\s*(?:in³|in3|cu\.? ?in\.?)$/u', $text, $match);

        return $isMatch ? (float) str_replace(',', '.', $match[1]) * 0.0254 ** 3 : null;
    }

    /** `4k7`, `4R7`, `2n2`: the prefix stands where the decimal point would be. */
    private static function asInfix(string $text, Unit $unit): ?float
    {
        if (!$unit->takesPrefix()) {
            return null;
        }
        $units = implode('|', array_map(static fn(string $s): string => preg_quote($s, '/'), $unit->spellings()));
        $letters = "[pnumkKMG\u{B5}\u{3BC}]" . (Unit::Ohm === $unit ? '|R' : '') . (Unit::Volt === $unit ? '|V' : '');
        if (1 !== preg_match("/^(\\d+)($letters)(\\d+)\\s*(?:$units)?$/u", $text, $match)) {
            return null;
        }

        return self::shifted($match[1] . '.' . $match[3], Prefix::READ[$match[2]] ?? 0);
    }

    private static function asNumberAndUnit(string $text, Unit $unit, bool $unitRequired = false): ?float
    {
        if (1 !== preg_match('/^(' . self::NUMBER . ')\s*(.*)$/us', $text, $match)) {
            return null;
        }
        $exponent = self::exponentOf($match[2], $unit, $unitRequired);
        if (null === $exponent) {
            return null;
        }

        return self::shifted(str_replace(',', '.', $match[1]), $exponent);
    }

    /** In one piece: a table. */
    private static function exponentOf(string $suffix, Unit $unit, bool $unitRequired): ?int
    {
        if (null !== $unit->millionth()) {
            return in_array($suffix, $unit->spellings(), true) ? -6 : null;
        }
        // The one prefix that is not a step of a thousand, and the one that rulers are marked in.
        if (Unit::Metre === $unit && 'cm' === $suffix) {
            return -2;
        }
        if ('' === $suffix) {
            return $unitRequired && Unit::Ratio !== $unit ? null : 0;
        }
        foreach ($unit->spellings() as $spelling) {
            if ($suffix === $spelling) {
                return 0;
            }
            if ($unit->takesPrefix() && str_ends_with($suffix, $spelling)) {
                $prefix = trim(substr($suffix, 0, -strlen($spelling)));
                if (isset(Prefix::READ[$prefix])) {
                    return Prefix::READ[$prefix];
                }
            }
        }

        return !$unitRequired && $unit->takesPrefix() ? Prefix::READ[$suffix] ?? null : null;
    }

    private static function shifted(string $number, int $exponent): ?float
    {
        $parts = preg_split('/e/i', $number);
        $value = (float) (($parts[0] ?? '0') . 'e' . ((int) ($parts[1] ?? 0) + $exponent));

        return is_finite($value) ? $value : null;
    }
}

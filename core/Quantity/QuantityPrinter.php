<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** Prints quantities: rounded for people, exact and in one spelling for files. */
final class QuantityPrinter
{
    /** For people: three significant digits, engineering prefix, "71.4 mA". */
    public static function rounded(float $value, Unit $unit, int $digits = 3): string
    {
        if (!is_finite($value)) {
            return $value > 0 ? 'unlimited' : 'none';
        }
        if (null !== $unit->millionth()) {
            return self::significant($value * 1e6, $digits) . ' ' . $unit->millionth();
        }
        if (Unit::Euro === $unit) {
            return number_format($value, 2, '.', '') . ' €';
        }
        if (!$unit->takesPrefix()) {
            return Unit::Ratio === $unit
                ? '×' . self::significant($value, $digits)
                : self::significant($value, $digits) . ' ' . $unit->value;
        }
        if (0.0 === $value) {
            return '0 ' . $unit->value;
        }
        // Rounding first, or 999.6 would print as "1000" instead of "1 k".
        $value = (float) sprintf('%.' . ($digits - 1) . 'e', $value);
        $exponent = max(-12, min(9, (int) (floor(log10(abs($value)) / 3 + 1e-12) * 3)));

        return self::significant($value / 10 ** $exponent, $digits) . ' ' . Prefix::PRINT[$exponent] . $unit->value;
    }

    /** For files: the shortest digits that give the same float back, "71.4 mA". */
    public static function written(float $value, Unit $unit): string
    {
        [$negative, $digits, $point] = self::digits($value);
        if (null !== $unit->millionth()) {
            return $negative . self::placed($digits, $point + 6) . ' ' . $unit->millionth();
        }
        if (!$unit->takesPrefix() || '' === $digits) {
            return $negative . self::placed($digits, $point) . ' ' . $unit->value;
        }
        $exponent = max(-12, min(9, (int) (floor(($point - 1) / 3) * 3)));

        return $negative . self::placed($digits, $point - $exponent) . ' ' . Prefix::PRINT[$exponent] . $unit->value;
    }

    /** "1.5", "0.047", "120": at least the whole part, at most $digits significant digits, no trailing zeros. */
    private static function significant(float $value, int $digits): string
    {
        if (0.0 === $value) {
            return '0';
        }
        $decimals = max(0, $digits - 1 - (int) floor(log10(abs($value))));
        $text = number_format($value, min($decimals, 12), '.', '');
        $text = str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;

        return str_replace('-', "\u{2212}", $text);
    }

    /**
     * @return array{string, string, int} sign, significant digits, and how many of them stand before the point
     */
    private static function digits(float $value): array
    {
        if (0.0 === $value) {
            return ['', '', 1];
        }
        // 17 significant digits always suffice; the first precision that reads back equal is the shortest.
        $text = '';
        for ($precision = 0; $precision <= 16; ++$precision) {
            $text = sprintf('%.' . $precision . 'e', $value);
            if ((float) $text === $value) {
                break;
            }
        }
        [$mantissa, $exponent] = explode('e', $text);

        return [
            str_starts_with($mantissa, '-') ? '-' : '',
            rtrim(str_replace(['-', '.'], '', $mantissa), '0'),
            (int) $exponent + 1,
        ];
    }

    private static function placed(string $digits, int $point): string
    {
        if ('' === $digits) {
            return '0';
        }
        if ($point <= 0) {
            return '0.' . str_repeat('0', -$point) . $digits;
        }
        if ($point >= strlen($digits)) {
            return $digits . str_repeat('0', $point - strlen($digits));
        }

        return substr($digits, 0, $point) . '.' . substr($digits, $point);
    }
}

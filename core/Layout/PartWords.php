<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Wiring\DeviceKind;

/** Values and packages in the words of two desks (common practice, no source): the same, different, or not to be told. */
final class PartWords
{
    private const SAME_SHARE = 0.005;
    /** What a package is called, by what it is. */
    private const PACKAGES = [
        '0402' => '/(?<!\d)0402(?!\d)/', '0603' => '/(?<!\d)0603(?!\d)/', '0805' => '/(?<!\d)0805(?!\d)/', '1206' => '/(?<!\d)1206(?!\d)/',
        '1210' => '/(?<!\d)1210(?!\d)/', '2512' => '/(?<!\d)2512(?!\d)/',
        'SOT-23' => '/SOT-?23/i', 'SOT-223' => '/SOT-?223/i', 'SMA' => '/\bSMA\b|D_SMA|DO-?214AC/i', 'SMB' => '/\bSMB\b|D_SMB|DO-?214AA/i',
        'SOD-123' => '/SOD-?123/i', 'SOD-323' => '/SOD-?323/i', 'DO-41' => '/DO-?41/i', 'DO-35' => '/DO-?35/i',
        'TO-92' => '/TO-?92/i', 'TO-220' => '/TO-?220/i', 'DIP' => '/\bP?DIP/i', 'SO' => '/\bSO(IC|P)?(-?\d+)?\b|SOIC/i',
        'leaded' => '/leaded|axial|through.?hole/i', 'radial' => '/radial/i',
    ];

    /** Whether two desks mean one value; null where that cannot be told. */
    public static function sameValue(DeviceKind $kind, string $ours, string $theirs): ?bool
    {
        $unit = match ($kind) {
            DeviceKind::Resistor => Unit::Ohm,
            DeviceKind::Capacitor => Unit::Farad,
            default => null,
        };
        if (null === $unit) {
            return DeviceKind::Transistor === $kind ? self::sameType($ours, $theirs) : null;
        }
        [$one, $other] = [self::quantity($ours, $unit), self::quantity($theirs, $unit)];

        return null === $one || null === $other ? null : abs($one - $other) <= self::SAME_SHARE * max($one, $other);
    }

    /** Transistors of one type differ in letters from maker to maker, and in case; the digits stay. */
    private static function sameType(string $ours, string $theirs): ?bool
    {
        $digits = static fn(string $text): array => 0 < preg_match_all('/\d{3,5}/', $text, $found) ? $found[0] : [];
        [$one, $other] = [$digits($ours), $digits($theirs)];

        return [] === $one || [] === $other ? null : [] !== array_intersect($one, $other);
    }

    /** The first quantity in some words: “10k 1%”, “reservoir 470 µF”, “0.1uF 50V”. */
    private static function quantity(string $text, Unit $unit): ?float
    {
        $words = TableText::words($text, '\/;_');
        foreach (array_keys($words) as $place) {
            foreach ([implode(' ', array_slice($words, $place, 2)), $words[$place]] as $said) {
                // In lists a capital K is kilo all the same.
                $plain = Unit::Ohm === $unit ? (string) preg_replace('/(?<=\d)\s?K/', 'k', $said) : $said;
                try {
                    $value = QuantityParser::parse((string) preg_replace('/ohms?$/i', 'Ω', $plain), $unit);
                } catch (NotAQuantity) {
                    continue;
                }
                if (0.0 < $value) {
                    return $value;
                }
            }
        }

        return null;
    }

    /** Whether two desks mean one package; null where that cannot be told. */
    public static function samePackage(string $ours, string $theirs): ?bool
    {
        [$one, $other] = [self::package($ours), self::package($theirs)];

        return null === $one || null === $other ? null : $one === $other;
    }

    private static function package(string $words): ?string
    {
        foreach (self::PACKAGES as $package => $pattern) {
            if (1 === preg_match($pattern, $words)) {
                return (string) $package;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\InfraredEncoding;

/**
 * The 32-bit pulse-distance code of infrared remotes: address, inverse of the address, command, inverse of the command, each with its
 * least significant bit first; the extended form has an address of 16 bits in place of the first pair. Written from memory.
 */
final class PulseDistance
{
    /** The value of a held key as many receivers print it. */
    private const REPEATS = ['FFFFFFFF', 'FFFFFFFFFFFFFFFF'];

    /** Whether a value is no key but the sign that the last one is still held. */
    public static function isRepeat(InfraredCode $code): bool
    {
        return in_array(str_pad($code->value, 8, '0', STR_PAD_LEFT), self::REPEATS, true) || '' === ltrim($code->value, '0');
    }

    /**
     * Whether the bytes are each other’s complement, in whichever order of bits they were printed.
     *
     * Of an extended code only the command has its complement. A pair that misses it by a single digit counts as a slip of the pen.
     */
    public static function isSound(InfraredCode $code): bool
    {
        if (InfraredEncoding::PulseDistance !== $code->encoding) {
            return true;
        }
        [$low, $high] = self::pairs($code);

        return 32 === $code->bits && match (true) {
            0 === $low && 0 === $high => true,
            0 === $low => !self::isOneDigit($high),
            0 === $high => !self::isOneDigit($low),
            default => false,
        };
    }

    /**
     * The value with the pair that misses its complement by a digit set right: its inverse byte follows the other.
     *
     * @return ?string in hexadecimal; null where no single slip explains it
     */
    public static function mended(InfraredCode $code): ?string
    {
        [$low, $high] = self::pairs($code);
        $value = (int) hexdec($code->value);

        return match (true) {
            32 !== $code->bits || self::isSound($code) => null,
            0 === $high => sprintf('%08X', $value & ~0xFF | ~($value >> 8) & 0xFF),
            0 === $low => sprintf('%08X', $value & 0xFF00FFFF | (~($value >> 24) & 0xFF) << 16),
            default => null,
        };
    }

    /**
     * What is missing to the complement in the lower and the upper pair of bytes: 0 for nothing.
     *
     * @return array{int, int}
     */
    private static function pairs(InfraredCode $code): array
    {
        $value = (int) hexdec($code->value);

        return [0xFF ^ (($value ^ $value >> 8) & 0xFF), 0xFF ^ (($value >> 16 ^ $value >> 24) & 0xFF)];
    }

    private static function isOneDigit(int $difference): bool
    {
        return 0 === ($difference & 0xF0) || 0 === ($difference & 0x0F);
    }

    private static function complements(int $one, int $other): bool
    {
        return 0xFF === ($one ^ $other);
    }

    /** All bits in the opposite order: how a decoder of the other school prints the same key. */
    public static function reversed(int $value, int $bits = 32): int
    {
        $reversed = 0;
        for ($bit = 0; $bit < $bits; ++$bit) {
            $reversed = $reversed << 1 | ($value >> $bit & 1);
        }

        return $reversed;
    }

    /**
     * Address and command, as the code carries them.
     *
     * @return ?array{int, int} null where the code is of another kind, or not sound
     */
    public static function parts(InfraredCode $code): ?array
    {
        if (InfraredEncoding::PulseDistance !== $code->encoding || !self::isSound($code)) {
            return null;
        }
        $value = (int) hexdec($code->value);
        if (self::complements($value & 0xFF, $value >> 8 & 0xFF)) {
            // Printed in the order in which the bits were sent.
            $value = self::reversed($value);
        }
        $address = $value & 0xFFFF;

        return [self::complements($address & 0xFF, $address >> 8) ? $address & 0xFF : $address, $value >> 16 & 0xFF];
    }

    /** The value of a key, first bit sent in front, as most receivers print it. */
    public static function value(int $address, int $command): int
    {
        $address = $address > 0xFF ? $address : ($address | (~$address & 0xFF) << 8);

        return self::reversed(((~$command & 0xFF) << 24) | ($command << 16) | $address);
    }

    /** What tells two keys apart: the same for both orders of bits, and for both values of a key with a toggle bit. */
    public static function key(InfraredCode $code): string
    {
        $value = (int) hexdec($code->value);
        if (InfraredEncoding::PulseDistance === $code->encoding) {
            return sprintf('p%08X', min($value, self::reversed($value)));
        }
        if (InfraredEncoding::BiPhase === $code->encoding) {
            // The toggle bit: the third of 14, or the fifth of 20 and more (from memory).
            $value &= ~($code->bits <= 14 ? 0x800 : 0x10000);
        }

        return sprintf('%s%d:%X', $code->encoding->name, $code->bits, $value);
    }
}

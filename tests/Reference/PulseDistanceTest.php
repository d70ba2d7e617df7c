<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Control\PulseDistance;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The 32-bit pulse-distance code against its layout on the light: 8 bits of address, the same inverted, 8 bits of command, the same
 * inverted, each with its least significant bit first; extended: 16 bits of address in place of the first two. The layout is from memory;
 * the bits here are laid one by one and not by the code under test.
 */
final class PulseDistanceTest extends TestCase
{
    #[TestWith([0x00, 0x0C])]
    #[TestWith([0x04, 0x08])]
    #[TestWith([0xA5, 0xFF])]
    #[TestWith([0x59, 0x00])]
    public function testTheBitsOfAFrame(int $address, int $command): void
    {
        $bits = self::bits($address) . self::bits(~$address) . self::bits($command) . self::bits(~$command);
        $first = new InfraredCode(InfraredEncoding::PulseDistance, sprintf('%08X', bindec($bits)));
        $last = new InfraredCode(InfraredEncoding::PulseDistance, sprintf('%08X', bindec(strrev($bits))));
        self::assertSame($first->value, sprintf('%08X', PulseDistance::value($address, $command)));
        foreach ([$first, $last] as $code) {
            self::assertTrue(PulseDistance::isSound($code), $code->printed());
        }
        self::assertSame(PulseDistance::key($first), PulseDistance::key($last), 'One key, however it is printed.');
        self::assertSame([$address, $command], PulseDistance::parts($first));
    }

    public function testTheExtendedFormHasSixteenBitsOfAddress(): void
    {
        $bits = self::bits(0x34) . self::bits(0x12) . self::bits(0x0C) . self::bits(~0x0C);
        $code = new InfraredCode(InfraredEncoding::PulseDistance, sprintf('%08X', bindec($bits)));
        self::assertSame($code->value, sprintf('%08X', PulseDistance::value(0x1234, 0x0C)));
        self::assertSame([0x1234, 0x0C], PulseDistance::parts($code));
        self::assertTrue(PulseDistance::isSound($code));
    }

    /** Any one digit of a standard code written wrongly is noticed, in both orders of bits, and mended to what it was or to its like. */
    public function testASlipOfOneDigitIsNoticed(): void
    {
        foreach (['0BF430CF', 'F30C2FD0', '2BD410EF'] as $value) {
            for ($place = 0; $place < 8; ++$place) {
                for ($digit = 0; $digit < 16; ++$digit) {
                    $slip = substr_replace($value, strtoupper(dechex($digit)), $place, 1);
                    self::assertSame(
                        $slip === $value,
                        PulseDistance::isSound(new InfraredCode(InfraredEncoding::PulseDistance, $slip)),
                        $slip,
                    );
                }
            }
            $mended = PulseDistance::mended(new InfraredCode(InfraredEncoding::PulseDistance, substr_replace($value, '5', 7, 1)));
            self::assertTrue(PulseDistance::isSound(new InfraredCode(InfraredEncoding::PulseDistance, (string) $mended)));
        }
        self::assertSame('0BF430CF', PulseDistance::mended(new InfraredCode(InfraredEncoding::PulseDistance, '0BF430CE')));
        self::assertNull(PulseDistance::mended(new InfraredCode(InfraredEncoding::PulseDistance, '12345678')));
    }

    /** A held key sends a frame without data, which many receivers print as all ones. */
    public function testTheRepeatFrameIsNoKey(): void
    {
        self::assertSame(
            [true, true, false],
            array_map(
                static fn(string $value): bool => PulseDistance::isRepeat(new InfraredCode(InfraredEncoding::PulseDistance, $value)),
                ['FFFFFFFF', '00000000', '0BF430CF'],
            ),
        );
    }

    /** The toggle bit is left out of what tells keys apart. */
    public function testBothValuesOfAKeyWithAToggleBit(): void
    {
        $key = static fn(string $value, int $bits): string => PulseDistance::key(new InfraredCode(
            InfraredEncoding::BiPhase,
            $value,
            $bits,
        ));
        self::assertSame($key('100C', 13), $key('180C', 13));
        self::assertNotSame($key('100C', 13), $key('100D', 13));
        self::assertSame($key('0000C', 20), $key('1000C', 20));
    }

    /** Eight bits, least significant first. */
    private static function bits(int $byte): string
    {
        $bits = '';
        for ($bit = 0; $bit < 8; ++$bit) {
            $bits .= ($byte >> $bit) & 1;
        }

        return $bits;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/**
 * Finds codes in the edges that a receiver gives, by their times alone.
 *
 * The 32-bit pulse-distance code: a mark of 9 ms and a space of 4.5 ms; each bit a mark of 562.5 µs and a space of 562.5 µs for 0 or
 * 1687.5 µs for 1; a last mark ends it. While the key is held: 9 ms, 2.25 ms, a last mark (from memory). Times may miss by a quarter,
 * as receivers stretch marks and shorten spaces.
 */
final class InfraredDecoder
{
    public const HEAD_MARK = 9_000;
    public const HEAD_SPACE = 4_500;
    public const REPEAT_SPACE = 2_250;
    public const BIT_MARK = 562;
    public const ZERO_SPACE = 562;
    public const ONE_SPACE = 1_687;
    public const BITS = 32;
    private const SHARE = 0.25;
    /** Short times may miss by more than their quarter: by what a receiver stretches. */
    private const STRETCH = 250;

    private int $edgeAt = -1;
    private bool $isMark = false;
    /** -1 while no head was seen, 0 behind its mark, 1 within the bits, 2 behind the space of a repeat */
    private int $state = -1;
    private int $value = 0;
    private int $bits = 0;

    /**
     * @param bool $mark whether carrier begins, or ends
     * @return ?string 32 bits in hexadecimal, “repeat” for a key that is still held; null while nothing is complete
     */
    public function edge(int $micros, bool $mark): ?string
    {
        $length = $this->edgeAt < 0 ? 0 : $micros - $this->edgeAt;
        $was = $this->isMark;
        $this->edgeAt = $micros;
        $this->isMark = $mark;

        return $was ? $this->mark($length) : $this->space($length);
    }

    private function mark(int $length): ?string
    {
        if (self::isNear($length, self::HEAD_MARK)) {
            $this->state = 0;

            return null;
        }
        if ($this->state < 1 || !self::isNear($length, self::BIT_MARK)) {
            $this->state = -1;

            return null;
        }
        if (2 === $this->state) {
            $this->state = -1;

            return 'repeat';
        }
        if (self::BITS === $this->bits) {
            $this->state = -1;

            return sprintf('%08X', $this->value);
        }

        return null;
    }

    private function space(int $length): null
    {
        if (0 === $this->state) {
            $this->state = self::isNear($length, self::HEAD_SPACE) ? 1 : (self::isNear($length, self::REPEAT_SPACE) ? 2 : -1);
            $this->value = $this->bits = 0;

            return null;
        }
        if (1 === $this->state) {
            $isOne = self::isNear($length, self::ONE_SPACE);
            if ($this->bits >= self::BITS || !$isOne && !self::isNear($length, self::ZERO_SPACE)) {
                $this->state = -1;

                return null;
            }
            $this->value = $this->value << 1 | ($isOne ? 1 : 0);
            ++$this->bits;
        }

        return null;
    }

    private static function isNear(int $length, int $nominal): bool
    {
        return abs($length - $nominal) <= max(self::STRETCH, self::SHARE * $nominal);
    }
}

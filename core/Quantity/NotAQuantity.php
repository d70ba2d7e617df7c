<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** A text that cannot be read as the quantity asked for; the message says what was expected. */
final class NotAQuantity extends \InvalidArgumentException
{
    public static function expected(string $text, Unit $unit): self
    {
        return new self(sprintf(
            '“%s” cannot be read as %s. Write it like %s.',
            self::shortened($text),
            $unit->measures(),
            $unit->example(),
        ));
    }

    public static function wrongUnit(string $text, Unit $written, Unit $unit): self
    {
        return new self(sprintf(
            '“%s” is %s, but %s is expected. Write it like %s.',
            self::shortened($text),
            $written->measures(),
            $unit->measures(),
            $unit->example(),
        ));
    }

    private static function shortened(string $text): string
    {
        return mb_strlen($text) > 40 ? mb_substr($text, 0, 39) . '…' : $text;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\InfraredEncoding;

/**
 * Reads what a receiver has printed while keys were pressed, in the common forms: a value in hexadecimal with or without its prefix,
 * address and command apart, bits first or last. Repeats are dropped, and keys told once.
 */
final class ReceiverLog
{
    public const GREATEST_BYTES = 1_000_000;

    /**
     * @return array{keys: list<ReceivedKey>, repeats: int, without: int} without: lines that hold no code
     * @throws \InvalidArgumentException when there is nothing to read
     */
    public static function read(string $text): array
    {
        if (strlen($text) > self::GREATEST_BYTES) {
            throw new \InvalidArgumentException(sprintf('This log has more than %d kB. Paste the part in which you pressed the keys.', self::GREATEST_BYTES / 1000));
        }
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new \InvalidArgumentException('This text is not encoded as UTF-8. Paste it from the screen.');
        }
        $keys = [];
        $repeats = $without = 0;
        foreach (explode("\n", strtr($text, ["\r\n" => "\n", "\r" => "\n"])) as $index => $line) {
            if ('' === trim($line)) {
                continue;
            }
            $code = self::code($line);
            if (null === $code) {
                false !== stripos($line, 'repeat') ? ++$repeats : ++$without;
                continue;
            }
            if (PulseDistance::isRepeat($code) || 1 === preg_match('/\\brepeat\\b(?!\\s*[:=]\\s*(?:0|no|false))/i', $line)) {
                ++$repeats;
                continue;
            }
            $key = PulseDistance::key($code);
            $keys[$key] = isset($keys[$key]) ? $keys[$key]->again() : new ReceivedKey($code, $index + 1, 1);
        }
        if ([] === $keys) {
            throw new \InvalidArgumentException('There is no code in this text. Paste what the receiver prints while you press keys, such as “0x00FF30CF”.');
        }

        return ['keys' => array_values($keys), 'repeats' => $repeats, 'without' => $without];
    }

    private static function code(string $line): ?InfraredCode
    {
        $bits = 1 === preg_match('/\\b(\\d{1,2})[ -]?bits?\\b/i', $line, $match) || 1 === preg_match('/\\bbits?\\s*[:=]?\\s*(\\d{1,2})\\b/i', $line, $match) ? (int) $match[1] : null;
        if (1 === preg_match('/\\b(?:raw[- _]?data|data|value|code|hex|received|result)\\s*[:=]?\\s*(?:\\w+\\s*:\\s*)?(?:0x)?([0-9A-F]{3,16})\\b/i', $line, $match)) {
            return self::made($match[1], $bits);
        }
        if (1 === preg_match('/\\baddr(?:ess)?\\s*[:=]?\\s*(?:0x)?([0-9A-F]{1,4})\\b.*?\\bc(?:om)?m(?:an)?d\\s*[:=]?\\s*(?:0x)?([0-9A-F]{1,2})\\b/i', $line, $match)) {
            return self::made(sprintf('%08X', PulseDistance::value((int) hexdec($match[1]), (int) hexdec($match[2]))), 32);
        }
        if (1 === preg_match('/\\b0x([0-9A-F]{3,16})\\b/i', $line, $match)) {
            return self::made($match[1], $bits);
        }
        // A bare value holds a digit, so that no word is taken for one.
        if (1 === preg_match('/(?<![\\w.])(?=[0-9A-F]*\\d|F{8}\\b)([0-9A-F]{5,16})(?![\\w.])/i', $line, $match)) {
            return self::made($match[1], $bits);
        }

        return null;
    }

    private static function made(string $hex, ?int $bits): ?InfraredCode
    {
        $hex = strtoupper($hex);
        $bits ??= strlen($hex) > 8 ? 64 : (strlen($hex) > 4 ? 32 : 16);
        if ($bits < 4 || $bits > 64 || strlen(ltrim($hex, '0')) > ceil($bits / 4)) {
            return null;
        }
        $value = substr(str_pad($hex, (int) ceil($bits / 4), '0', STR_PAD_LEFT), -(int) ceil($bits / 4));
        $code = new InfraredCode(32 === $bits ? InfraredEncoding::PulseDistance : InfraredEncoding::Raw, $value, $bits);

        // 32 bits without complements are some other code: its value is kept as it is.
        return 32 === $bits && !PulseDistance::isSound($code) && !PulseDistance::isRepeat($code) ? new InfraredCode(InfraredEncoding::Raw, $value, 32) : $code;
    }
}

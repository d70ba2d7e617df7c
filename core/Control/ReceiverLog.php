<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\InfraredEncoding;

/**
 * Reads what a receiver has printed while keys were pressed, in the common forms: a value in hexadecimal with or without its prefix,
 * or in decimal; address and command apart; bits first or last; a list of times. Repeats are dropped, and keys told once. What may
 * be one value or another is left aside.
 */
final class ReceiverLog
{
    public const GREATEST_BYTES = 1_000_000;
    /** Eight numbers in a row and more are times, whatever stands in front of them. */
    private const TIMES = '/(?:[+-]?\\d{2,6}[\\s,;]+){7}[+-]?\\d{2,6}/';

    /**
     * In one piece: the forms of a line, tried in turn.
     *
     * @return array{keys: list<ReceivedKey>, repeats: int, without: int} without: lines that hold no code
     * @throws \InvalidArgumentException when there is nothing to read
     */
    public static function read(string $text): array
    {
        if (strlen($text) > self::GREATEST_BYTES) {
            throw new \InvalidArgumentException(sprintf(
                'This log has more than %d kB. Paste the part in which you pressed the keys.',
                self::GREATEST_BYTES / 1000,
            ));
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
            if (1 === preg_match(self::TIMES, $line)) {
                ++$without;
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
        $times = [] === $keys ? self::times($text) : null;
        foreach ($times ?? [] as [$code, $line]) {
            $key = PulseDistance::key($code);
            $keys[$key] = isset($keys[$key]) ? $keys[$key]->again() : new ReceivedKey($code, $line, 1);
        }
        if ([] === $times) {
            throw new \InvalidArgumentException(
                'This is a list of times of a code that is not known here. Let the receiver’s program print the value in hexadecimal, '
                    . 'such as “0x0BF430CF”, and paste that.',
            );
        }
        if ([] === $keys) {
            throw new \InvalidArgumentException(
                'There is no code in this text. Paste what the receiver prints while you press keys, such as “0x0BF430CF”.',
            );
        }

        return ['keys' => array_values($keys), 'repeats' => $repeats, 'without' => $without];
    }

    private static function code(string $line): ?InfraredCode
    {
        $bits = 1 === preg_match('/\\b(\\d{1,2})[ -]?bits?\\b/i', $line, $match)
            || 1 === preg_match('/\\bbits?\\s*[:=]?\\s*(\\d{1,2})\\b/i', $line, $match)
            ? (int) $match[1]
            : null;
        $isBiPhase = 1 === preg_match('/\\bRC-?[56]\\b/i', $line);
        if (1 === preg_match(
            '/\\bdec(?:imal)?\\s*[:=]?\\s*(\\d{3,18})\\b/i',
            $line,
            $match,
        ) || 1 === preg_match('/\\b(\\d{3,18})\\s*\\(?dec(?:imal)?\\b/i', $line, $match)) {
            return self::made(dechex((int) $match[1]), $bits, $isBiPhase);
        }
        if (1 === preg_match(
            '/\\b(?:raw[- _]?data|data|value|code|hex|received|result)\\s*[:=]?\\s*(?:\\w+\\s*:\\s*)?(0x)?([0-9A-F]{3,18})\\b/i',
            $line,
            $match,
        )) {
            $isHex = '' !== $match[1] || 1 === preg_match('/\\bhex\\b/i', $line);

            return $isHex ? self::made($match[2], $bits, $isBiPhase) : self::unmarked($match[2], $bits, $isBiPhase);
        }
        if (1 === preg_match(
            '/\\baddr(?:ess)?\\s*[:=]?\\s*(?:0x)?([0-9A-F]{1,4})\\b.*?\\bc(?:om)?m(?:an)?d\\s*[:=]?\\s*(?:0x)?([0-9A-F]{1,2})\\b/i',
            $line,
            $match,
        )) {
            // The address and command of another protocol make other bits than ours.
            return self::namesAnother($line) ? null : self::made(
                sprintf('%08X', PulseDistance::value((int) hexdec($match[1]), (int) hexdec($match[2]))),
                32,
            );
        }
        if (1 === preg_match('/\\b0x([0-9A-F]{3,16})\\b/i', $line, $match)) {
            return self::made($match[1], $bits, $isBiPhase);
        }
        // A bare value holds a digit, so that no word is taken for one.
        if (1 === preg_match('/(?<![\\w.])(?=[0-9A-F]*\\d|F{8}\\b)([0-9A-F]{5,18})(?![\\w.])/i', $line, $match)) {
            return self::unmarked($match[1], $bits, $isBiPhase);
        }

        return null;
    }

    /** A value that does not say what it is written in: digits alone are decimal or hexadecimal as only one of them is a sound code. */
    private static function unmarked(string $digits, ?int $bits, bool $isBiPhase): ?InfraredCode
    {
        if (!ctype_digit($digits) || str_starts_with($digits, '0')) {
            return self::made($digits, $bits, $isBiPhase);
        }
        $sound = [];
        foreach ([$digits, dechex((int) $digits)] as $hex) {
            $code = self::made($hex, $bits ?? 32);
            if (null !== $code && InfraredEncoding::PulseDistance === $code->encoding && PulseDistance::isSound($code)) {
                $sound[] = $code;
            }
        }

        return 1 === count($sound) ? $sound[0] : null;
    }

    private static function namesAnother(string $line): bool
    {
        return (1 === preg_match('/\\bprotocol\\s*[:=]?\\s*(\\w+)/i', $line, $match) || 1 === preg_match(
            '/^\\W*([A-Z][A-Z0-9_]{2,})\\b(?=.*\\baddr)/',
            $line,
            $match,
        ) && 0 === preg_match('/^addr/i', $match[1]))
            && 0 === preg_match('/^(?:NEC\\w*|PULSE\\w*)$/i', $match[1]);
    }

    /**
     * Lists of times in a text that holds no values, over as many lines as they take.
     *
     * @return ?list<array{InfraredCode, int}> each code and the line on which its list begins; null where no list stands
     */
    private static function times(string $text): ?array
    {
        $codes = [];
        $lists = preg_match_all(
            '/[+-]?\\d{2,6}(?:[\\s,;]+[+-]?\\d{2,6}){' . (PulseTimes::LEAST_NUMBERS - 1) . ',}+/',
            $text,
            $matches,
            PREG_OFFSET_CAPTURE,
        );
        foreach (0 < $lists ? $matches[0] : [] as [$list, $offset]) {
            $numbers = preg_split('/[\\s,;]+/', $list);
            foreach (PulseTimes::values(array_map(intval(...), false === $numbers ? [] : $numbers)) as $value) {
                $code = self::made($value, 32);
                if (null !== $code) {
                    $codes[] = [$code, 1 + substr_count($text, "\n", 0, $offset)];
                }
            }
        }

        return 0 < $lists ? $codes : null;
    }

    private static function made(string $hex, ?int $bits, bool $isBiPhase = false): ?InfraredCode
    {
        $hex = strtoupper($hex);
        $bits ??= strlen($hex) > 8 ? 64 : (strlen($hex) > 4 ? 32 : 16);
        if ($bits < 4 || $bits > 64 || strlen(ltrim($hex, '0')) > ceil($bits / 4)) {
            return null;
        }
        $value = substr(str_pad($hex, (int) ceil($bits / 4), '0', STR_PAD_LEFT), -(int) ceil($bits / 4));
        if ($isBiPhase) {
            return new InfraredCode(InfraredEncoding::BiPhase, $value, $bits);
        }
        $code = new InfraredCode(32 === $bits ? InfraredEncoding::PulseDistance : InfraredEncoding::Raw, $value, $bits);

        // 32 bits without complements are some other code: its value is kept as it is.
        return 32 === $bits && !PulseDistance::isSound($code) && !PulseDistance::isRepeat($code)
            ? new InfraredCode(InfraredEncoding::Raw, $value, 32)
            : $code;
    }
}

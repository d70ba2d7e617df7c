<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

/** Constants as a header for C++, as a file of keys and values, and as JSON; and read back from any of them. */
final class ConstantsFile
{
    private const DEFINED = '~^#\s*define\s+(?<name>\w+)\s+(?<value>"(?:[^"\\\\]|\\\\.)*"|[^\s/]+)~';
    private const DECLARED = '~^(?:[A-Za-z_][\w:]*[\s*&]+)+(?<name>\w+)\s*(?:\[\d*\])?\s*'
        . '[={]\s*(?<value>"(?:[^"\\\\]|\\\\.)*"|[^;}\s]+)\s*\}?\s*;~';
    private const ASSIGNED = '~^(?<name>[^=:,\t]{1,80}?)\s*[=:,\t]\s*(?<value>"(?:[^"\\\\]|\\\\.)*"|.*?)[;,]?$~';

    public const GREATEST_BYTES = 500_000;
    /** Behind this line a header holds the tables of the program, which are no constants. */
    public const TABLES = '// What the program is told of its board';

    /**
     * @param array<string, Constant> $constants
     * @param list<string> $remarks that stand above everything
     * @param array<string, list<string>> $beside what the maker lets stand, by section
     */
    public static function header(array $constants, array $remarks, array $beside = []): string
    {
        $text = implode('', array_map(self::comment(...), $remarks)) . "#pragma once\n#include <stdint.h>\n";
        $section = null;
        foreach ($constants as $constant) {
            if ($constant->section !== $section) {
                $text .= "\n" . self::comment($constant->section) . implode(
                    '',
                    array_map(self::comment(...), $beside[$constant->section] ?? []),
                );
                $section = $constant->section;
            }
            $text .= sprintf(
                '%s%s = %s;%s',
                match (true) {
                    is_string($constant->value) => 'constexpr const char *',
                    $constant->isHex => 'constexpr uint64_t ',
                    default => 'constexpr int32_t ',
                },
                $constant->name,
                is_string($constant->value) ? self::quoted($constant->value) : $constant->written() . ($constant->isHex ? 'ULL' : ''),
                '' === $constant->comment ? "\n" : ' ' . self::comment($constant->comment),
            );
        }

        return $text;
    }

    /**
     * @param array<string, Constant> $constants
     * @param list<string> $remarks
     * @param array<string, list<string>> $beside what the maker lets stand, by section
     */
    public static function keyValues(array $constants, array $remarks, array $beside = []): string
    {
        $comment = static fn(string $remark): string => '# ' . $remark . "\n";
        $text = implode('', array_map($comment, $remarks));
        foreach ($constants as $constant) {
            $text .= implode('', array_map($comment, $beside[$constant->section] ?? []));
            unset($beside[$constant->section]);
            $text .= $constant->name . '=' . $constant->written() . "\n";
        }

        return $text;
    }

    /**
     * @param array<string, Constant> $constants
     * @param list<string> $remarks
     * @param array<string, list<string>> $beside what the maker lets stand, by section
     */
    public static function json(array $constants, array $remarks, array $beside = []): string
    {
        return json_encode(
            [
                'format' => 'iron-latch/constants',
                'version' => 1,
                'remarks' => $remarks,
                ...[] === $beside ? [] : ['beside' => $beside],
                'constants' => array_map(
                    static fn(Constant $constant): int|string => $constant->isHex ? $constant->written() : $constant->value,
                    $constants,
                ),
            ],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ) . "\n";
    }

    /**
     * What a program, a settings file or a list says: values as text by name; codes as they are written.
     *
     * @return array<string, array{value: string, line: int}>
     * @throws \InvalidArgumentException when nothing can be read
     */
    public static function read(string $text): array
    {
        if (strlen($text) > self::GREATEST_BYTES) {
            throw new \InvalidArgumentException(sprintf(
                'This text has more than %d kB. Paste the constants alone.',
                self::GREATEST_BYTES / 1000,
            ));
        }
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new \InvalidArgumentException('This text is not encoded as UTF-8. Save it as UTF-8, or paste it from the screen.');
        }
        $data = json_decode($text, true);
        if (is_array($data)) {
            return self::flat(is_array($data['constants'] ?? null) ? $data['constants'] : $data);
        }
        $read = [];
        [$constants] = explode(self::TABLES, strtr($text, ["\r\n" => "\n", "\r" => "\n"]), 2);
        foreach (explode("\n", $constants) as $index => $line) {
            $line = trim($line);
            $match = self::constantIn($line);
            if (null !== $match) {
                $name = trim($match['name'], " \"'");
                if (self::isName($name) && '' !== $match['value']) {
                    $read[$name] ??= ['value' => self::plain($match['value']), 'line' => $index + 1];
                }
            }
        }

        return [] === $read
            ? throw new \InvalidArgumentException(
                'There is no constant in this text. Paste lines such as “LAMP_PIN = 23” or “#define LAMP_PIN 23”.',
            )
            : $read;
    }

    /** @return ?array{name: string, value: string} null where the line states no constant */
    private static function constantIn(string $line): ?array
    {
        $isRemark = str_starts_with($line, '//') || str_starts_with($line, '#');
        foreach ([self::DEFINED => true, self::DECLARED => true, self::ASSIGNED => !$isRemark] as $form => $fits) {
            if ($fits && 1 === preg_match($form, $line, $match)) {
                return ['name' => $match['name'], 'value' => $match['value']];
            }
        }

        return null;
    }

    /**
     * @param array<mixed> $data
     * @return array<string, array{value: string, line: int}>
     */
    private static function flat(array $data): array
    {
        $read = [];
        foreach ($data as $name => $value) {
            if (is_scalar($value) && self::isName((string) $name)) {
                $read[(string) $name] = ['value' => is_bool($value) ? ($value ? '1' : '0') : (string) $value, 'line' => count($read) + 1];
            }
        }

        return [] === $read
            ? throw new \InvalidArgumentException('There is no constant in this JSON. Paste an object of names and values.')
            : $read;
    }

    /** A name has a letter; a bare number on the left is a row number, or nothing that a program calls anything. */
    private static function isName(string $name): bool
    {
        return 1 === preg_match('/\p{L}/u', $name);
    }

    private static function plain(string $written): string
    {
        if (str_starts_with($written, '"')) {
            return stripcslashes(substr($written, 1, -1));
        }
        $written = (string) preg_replace('/(?<=[0-9A-Fa-f])(?:ULL|UL|LL|U|L)$/i', '', trim($written, "'() "));

        return match (strtolower($written)) {
            'true', 'high' => '1',
            'false', 'low' => '0',
            default => $written,
        };
    }

    /** A comment to the end of its line, which ends no line but its own: no backslash, written or as a trigraph, stands last. */
    private static function comment(string $text): string
    {
        $text = str_replace('??', '? ?', rtrim($text));

        return '// ' . $text . (str_ends_with($text, '\\') ? '.' : '') . "\n";
    }

    private static function quoted(string $text): string
    {
        return '"' . strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', '?' => '\\?']) . '"';
    }
}

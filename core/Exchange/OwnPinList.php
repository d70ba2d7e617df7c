<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\SurfaceKind;

/**
 * A list of pins that Iron Latch wrote itself, as CSV or as constants of a program: it says what each function is, so that nothing has
 * to be guessed, and nothing of its other lines is taken for a pin.
 */
final class OwnPinList
{
    private const COLUMNS = ['function id', 'function', 'kind', 'chip pin'];
    private const MARKS = ['BOARD_NAME', 'CONTROLLER', 'LINE_COUNT'];

    /**
     * @return ?list<array{line: int, text: string, name: string, kind: ?FunctionKind, pin: string}> null when it is no such list
     */
    public static function read(string $text): ?array
    {
        return self::csv($text) ?? self::constants($text);
    }

    /**
     * @return ?list<array{line: int, text: string, name: string, kind: ?FunctionKind, pin: string}>
     */
    private static function csv(string $text): ?array
    {
        $columns = $rows = [];
        foreach (explode("\n", strtr($text, ["\r\n" => "\n", "\r" => "\n"])) as $index => $line) {
            $cells = array_map(static fn(?string $cell): string => trim((string) $cell), str_getcsv($line, ',', '"', ''));
            if ([] === $columns) {
                $columns = [] === array_diff(self::COLUMNS, $cells) ? array_flip($cells) : [];
                continue;
            }
            if (1 === preg_match('/^F\d+$/', $cells[$columns['function id']] ?? '')) {
                $rows[] = [
                    'line' => $index + 1,
                    'text' => $line,
                    'name' => $cells[$columns['function']] ?? '',
                    'kind' => FunctionKind::tryFrom($cells[$columns['kind']] ?? ''),
                    'pin' => $cells[$columns['chip pin']] ?? '',
                ];
            }
        }

        return [] === $rows ? null : $rows;
    }

    /**
     * @return ?list<array{line: int, text: string, name: string, kind: ?FunctionKind, pin: string}>
     */
    private static function constants(string $text): ?array
    {
        try {
            $constants = ConstantsFile::read($text);
        } catch (\InvalidArgumentException) {
            return null;
        }
        if ([] !== array_diff(self::MARKS, array_keys($constants))) {
            return null;
        }
        $rows = [];
        foreach ($constants as $key => ['value' => $value, 'line' => $line]) {
            if (1 !== preg_match('/^(?!INIT_\d+_PIN$)(\w+)_PIN$/', $key, $match)) {
                continue;
            }
            $rows[] = [
                'line' => $line,
                'text' => $key . ' = ' . $value,
                'name' => self::spoken($match[1]),
                'kind' => isset($constants[$match[1] . '_ON_LEVEL']) ? FunctionKind::RelayOutput : self::kindOf($match[1]),
                'pin' => $value,
            ];
        }

        return $rows;
    }

    /** “HALL_LAMP_WALL_SWITCH” is that of a wall switch; the longest name of a kind decides. */
    private static function kindOf(string $key): ?FunctionKind
    {
        $found = null;
        $length = 0;
        foreach ([...SurfaceKind::cases(), ...FunctionKind::cases()] as $kind) {
            $word = strtoupper((string) preg_replace('/[^a-z0-9]+/i', '_', $kind->value));
            if (strlen($word) > $length && ($key === $word || str_ends_with($key, '_' . $word))) {
                $found = $kind instanceof SurfaceKind ? $kind->functionKind() : $kind;
                $length = strlen($word);
            }
        }

        return $found;
    }

    private static function spoken(string $key): string
    {
        return ucfirst(strtolower(strtr($key, '_', ' ')));
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Record\RecordWriter;

/** Where two boards differ, as paths into their written form. */
final class BoardDiff
{
    /**
     * @return array<string, array{?string, ?string}> both values as JSON by path; null where there is none
     */
    public static function between(Board $old, Board $new): array
    {
        $differences = [];
        self::compare('', self::data($old), self::data($new), $differences);
        // Counters and part facts move along with what is really edited.
        return array_filter(
            $differences,
            static fn(string $path): bool => !str_starts_with($path, 'lastIds.') && !str_starts_with($path, 'parts.'),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * Whether two sets of differences touch the same place, or one a part of what the other has changed as a whole.
     *
     * @param array<string, array{?string, ?string}> $mine
     * @param array<string, array{?string, ?string}> $theirs
     * @return list<string> the paths of mine that collide
     */
    public static function collisions(array $mine, array $theirs): array
    {
        return array_values(array_filter(array_keys($mine), static function (string $path) use ($theirs): bool {
            foreach (array_keys($theirs) as $other) {
                if ($path === $other || str_starts_with($path, $other . '.') || str_starts_with($other, $path . '.')) {
                    return true;
                }
            }

            return false;
        }));
    }

    /**
     * @return array<mixed>
     */
    private static function data(Board $board): array
    {
        $data = json_decode(json_encode(RecordWriter::write($board), JSON_THROW_ON_ERROR), true);

        return is_array($data) ? $data : [];
    }

    /**
     * @param array<string, array{?string, ?string}> $differences
     */
    private static function compare(string $path, mixed $old, mixed $new, array &$differences): void
    {
        if ($old === $new) {
            return;
        }
        if (is_array($old) && is_array($new) && !array_is_list($old) && !array_is_list($new)) {
            foreach (array_keys($old + $new) as $key) {
                $below = '' === $path ? (string) $key : $path . '.' . $key;
                if (!array_key_exists($key, $old)) {
                    $differences[$below] = [null, self::json($new[$key])];
                } elseif (!array_key_exists($key, $new)) {
                    $differences[$below] = [self::json($old[$key]), null];
                } else {
                    self::compare($below, $old[$key], $new[$key], $differences);
                }
            }

            return;
        }
        $differences[$path] = [self::json($old), self::json($new)];
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}

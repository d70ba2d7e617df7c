<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

/** Finds a key that stands twice in one object, which PHP’s own decoder passes over in silence. */
final class DuplicateKeys
{
    /**
     * @param string $json well-formed JSON
     * @return ?string path of the first such key
     */
    public static function find(string $json): ?string
    {
        preg_match_all('/"(?:[^"\\\\]++|\\\\.)*+"|[{}\[\],:]/s', $json, $matches);
        /** @var list<array<string, true>> $keys those of each level; empty for lists */
        $keys = [];
        /** @var list<string|int> $places the key, or the index in a list, that each level is at */
        $places = [];
        $text = '';
        foreach ($matches[0] as $token) {
            $top = count($places) - 1;
            if ('{' === $token || '[' === $token) {
                $keys[] = [];
                $places[] = '[' === $token ? 0 : '';
            } elseif ('}' === $token || ']' === $token) {
                array_pop($keys);
                array_pop($places);
            } elseif (':' === $token) {
                $key = json_decode($text);
                $key = is_string($key) ? $key : $text;
                $places[$top] = $key;
                if (isset($keys[$top][$key])) {
                    return self::path(array_values($places));
                }
                $keys[$top][$key] = true;
            } elseif (',' === $token) {
                $place = $places[$top] ?? '';
                $places[$top] = is_int($place) ? $place + 1 : $place;
            } else {
                $text = $token;
            }
        }

        return null;
    }

    /**
     * @param list<string|int> $places
     */
    private static function path(array $places): string
    {
        $path = '';
        foreach ($places as $place) {
            $path .= is_int($place) ? '[' . $place . ']' : ('' === $path ? '' : '.') . $place;
        }

        return $path;
    }
}

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
        /** @var list<array{keys: ?array<string, true>, key: string, index: int}> $stack keys is null in a list */
        $stack = [];
        $text = '';
        foreach ($matches[0] as $token) {
            $top = count($stack) - 1;
            if ('{' === $token || '[' === $token) {
                $stack[] = ['keys' => '{' === $token ? [] : null, 'key' => '', 'index' => 0];
            } elseif ('}' === $token || ']' === $token) {
                array_pop($stack);
            } elseif (':' === $token) {
                $key = json_decode($text);
                $key = is_string($key) ? $key : $text;
                $stack[$top]['key'] = $key;
                if (isset($stack[$top]['keys'][$key])) {
                    return self::path($stack);
                }
                $stack[$top]['keys'][$key] = true;
            } elseif (',' === $token) {
                ++$stack[$top]['index'];
            } else {
                $text = $token;
            }
        }

        return null;
    }

    /**
     * @param list<array{keys: ?array<string, true>, key: string, index: int}> $stack
     */
    private static function path(array $stack): string
    {
        $path = '';
        foreach ($stack as $level) {
            $path .= null === $level['keys'] ? '[' . $level['index'] . ']' : ('' === $path ? '' : '.') . $level['key'];
        }

        return $path;
    }
}

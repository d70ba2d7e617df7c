<?php

declare(strict_types=1);

namespace IronLatch\Tests\Architecture;

use IronLatch\Tests\Support\Files;
use PHPUnit\Framework\TestCase;

/** No namespace knows another that, by whatever way, knows it back. */
final class CirclesTest extends TestCase
{
    /** The lists, which alone may name what in turn builds on them, and do so by names relative to themselves. */
    private const LISTS = ['RuleBook.php', 'Edit.php'];

    public function testNothingButTheListsIsNamedByARelativeName(): void
    {
        $relative = [];
        foreach (['core', 'src'] as $folder) {
            foreach (Files::of($folder) as $file) {
                $code = implode("\n", array_filter(
                    explode("\n", (string) file_get_contents($file)),
                    static fn(string $line): bool => 1 !== preg_match('/^use |^namespace |^ *(\*|\/)/', $line),
                ));
                if (1 === preg_match('/(?<![\\\\\w\'])[A-Z]\w*\\\\[A-Z]\w*(::|\()/', $code)) {
                    $relative[] = $file;
                }
            }
        }
        // Doctrine's own attributes are written with the short name of their namespace.
        $relative = array_filter($relative, static fn(string $file): bool => !str_contains($file, '/src/Entity/'));
        self::assertEqualsCanonicalizing(self::LISTS, array_map(basename(...), $relative));
    }

    public function testNoNamespaceImportsItsOwnUsers(): void
    {
        $knows = [];
        foreach (['core' => 'IronLatch\Core', 'src' => 'IronLatch'] as $folder => $root) {
            foreach (Files::of($folder) as $file) {
                $code = (string) file_get_contents($file);
                preg_match('/^namespace ([^;]+);/m', $code, $own);
                preg_match_all('/^use (IronLatch\\\\[^;]+)\\\\\w+;/m', $code, $used);
                foreach (array_unique($used[1]) as $namespace) {
                    if ($namespace !== ($own[1] ?? '')) {
                        $knows[$own[1] ?? ''][$namespace] = basename($file);
                    }
                }
            }
        }
        self::assertGreaterThan(20, count($knows));
        $circles = [];
        foreach (array_keys($knows) as $namespace) {
            $way = self::wayBack($namespace, $namespace, $knows, []);
            if (null !== $way) {
                $circles[] = implode(' → ', [$namespace, ...$way]);
            }
        }
        self::assertSame([], $circles);
    }

    /**
     * @param array<string, array<string, string>> $knows
     * @param array<string, true> $seen
     * @return ?list<string>
     */
    private static function wayBack(string $from, string $to, array $knows, array $seen): ?array
    {
        foreach (array_keys($knows[$from] ?? []) as $next) {
            if ($next === $to) {
                return [$next];
            }
            if (!isset($seen[$next])) {
                $seen[$next] = true;
                $way = self::wayBack($next, $to, $knows, $seen);
                if (null !== $way) {
                    return [$next, ...$way];
                }
            }
        }

        return null;
    }
}

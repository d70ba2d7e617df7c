<?php

declare(strict_types=1);

namespace IronLatch\Tests\Architecture;

use IronLatch\Tests\Support\Files;
use PHPUnit\Framework\TestCase;

/** Lines of code end at 140 characters, tests and their sentences included. */
final class LinesTest extends TestCase
{
    private const MOST_IN_TEMPLATES = 160;
    private const MOST_CHARACTERS = 140;

    public function testLinesEndWhereAReaderStillSeesThem(): void
    {
        $long = [];
        foreach (self::written() as $file) {
            foreach (explode("\n", (string) file_get_contents($file)) as $number => $line) {
                if (mb_strlen($line) > self::MOST_CHARACTERS) {
                    $long[] = basename($file) . ':' . ($number + 1);
                }
            }
        }
        self::assertSame([], $long);
    }

    /** Of templates but for two lines that cannot be broken: the settings of htmx, and the icon. */
    public function testTemplatesAreReadWithoutScrolling(): void
    {
        $long = [];
        foreach (Files::of('templates', 'twig') as $file) {
            foreach (explode("\n", (string) file_get_contents($file)) as $number => $line) {
                if (mb_strlen($line) > self::MOST_IN_TEMPLATES && 'base.html.twig' !== basename($file)) {
                    $long[] = basename($file) . ':' . ($number + 1);
                }
            }
        }
        self::assertSame([], $long);
    }

    public function testMeasuresAreTakenFromTheTokens(): void
    {
        $literal = [];
        foreach (Files::of('assets/styles', 'css') as $file) {
            if ('tokens.css' !== basename($file) && 1 === preg_match('/\d(px|pt)\b|#[0-9a-f]{6}\b/i', (string) file_get_contents($file))) {
                $literal[] = basename($file);
            }
        }
        self::assertSame([], $literal);
    }

    /**
     * @return iterable<string>
     */
    private static function written(): iterable
    {
        foreach (['core', 'src', 'tests', 'migrations'] as $folder) {
            yield from Files::of($folder);
        }
        foreach (['/assets/*.js', '/bin/*', '/e2e/*.mjs'] as $scripts) {
            $found = glob(dirname(__DIR__, 2) . $scripts);
            yield from false === $found ? [] : $found;
        }
    }
}

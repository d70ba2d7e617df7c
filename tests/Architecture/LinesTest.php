<?php

declare(strict_types=1);

namespace IronLatch\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** Lines of code end at 140 characters; only what is one sentence or one row of data may be longer. */
final class LinesTest extends TestCase
{
    private const MOST_CHARACTERS = 140;
    /** Code that still has no place to break. This number only ever gets smaller. */
    private const STILL_TOO_LONG = 52;

    public function testLinesEndWhereAReaderStillSeesThem(): void
    {
        $long = 0;
        foreach (['core', 'src', 'tests', 'migrations'] as $folder) {
            $root = dirname(__DIR__, 2) . '/' . $folder;
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
                if (!$file instanceof \SplFileInfo || 'php' !== $file->getExtension()) {
                    continue;
                }
                foreach (explode("\n", (string) file_get_contents($file->getPathname())) as $line) {
                    $isSentence = 1 === preg_match('/^\s*([\'"“\/*]|\w+: \'|=> \'|\? \'|: \')/u', $line);
                    $long += mb_strlen($line) > self::MOST_CHARACTERS && !$isSentence ? 1 : 0;
                }
            }
        }
        self::assertLessThanOrEqual(self::STILL_TOO_LONG, $long);
    }
}

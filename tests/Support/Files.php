<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

/** The files of the project below a folder. */
final class Files
{
    /**
     * @return iterable<string> full paths
     */
    public static function of(string $folder, string $ending = 'php'): iterable
    {
        $root = dirname(__DIR__, 2) . '/' . $folder;
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && $ending === $file->getExtension()) {
                yield $file->getPathname();
            }
        }
    }
}

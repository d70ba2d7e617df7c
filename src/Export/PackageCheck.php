<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\TrialNote;

/** Whether a package is whole: its files against its manifest, and all of it against what its own board file gives today. */
final readonly class PackageCheck
{
    /** Packages are some hundred kilobytes; what is larger is none. */
    private const MOST_BYTES = 64_000_000;
    private const MOST_FILES = 2_000;

    /**
     * @param list<string> $faults sentences; none where it is whole
     * @param ?bool $isToday whether the same is made of its board file today; null where that cannot be tried
     */
    private function __construct(public array $faults, public ?bool $isToday) {}

    public static function of(string $path, Exports $exports, ?Catalogue $catalogue): self
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
            return new self(['This is no package: it cannot be opened as a ZIP archive. Export it anew.'], null);
        }
        $bytes = 0;
        for ($place = 0; $place < $zip->count(); ++$place) {
            $bytes += $zip->statIndex($place)['size'] ?? 0;
        }
        if ($bytes > self::MOST_BYTES || $zip->count() > self::MOST_FILES) {
            return new self(['This is no package: it is far larger than any.'], null);
        }
        $files = self::files($zip);
        $manifest = json_decode($files[Package::MANIFEST] ?? '', true);
        if (!is_array($manifest) || 'iron-latch/package' !== ($manifest['format'] ?? null) || !is_array($manifest['files'] ?? null)) {
            return new self([
                sprintf('It has no %s that can be read: nobody can tell whether it is whole. Export it anew.', Package::MANIFEST),
            ], null);
        }
        $faults = self::compared($files, $manifest['files']);

        return new self($faults, [] === $faults ? self::isToday($path, $files, $manifest, $exports, $catalogue) : null);
    }

    /**
     * @return array<string, string>
     */
    private static function files(\ZipArchive $zip): array
    {
        $files = [];
        for ($place = 0; $place < $zip->count(); ++$place) {
            $files[(string) $zip->getNameIndex($place)] = (string) $zip->getFromIndex($place);
        }
        $zip->close();

        return $files;
    }

    /**
     * @param array<string, string> $files
     * @param array<mixed> $hashes
     * @return list<string>
     */
    private static function compared(array $files, array $hashes): array
    {
        $faults = [];
        foreach ($hashes as $name => $hash) {
            if (!isset($files[$name])) {
                $faults[] = sprintf('“%s” is missing.', $name);
            } elseif ($hash !== 'sha256:' . hash('sha256', $files[$name])) {
                $faults[] = sprintf('“%s” is not as it was exported.', $name);
            }
        }
        foreach (array_keys($files) as $name) {
            if (Package::MANIFEST !== $name && !isset($hashes[$name])) {
                $faults[] = sprintf('“%s” is none of its files.', $name);
            }
        }

        return $faults;
    }

    /**
     * @param array<string, string> $files
     * @param array<mixed> $manifest
     */
    private static function isToday(string $path, array $files, array $manifest, Exports $exports, ?Catalogue $catalogue): ?bool
    {
        if (!isset($files[Package::BOARD])) {
            return null;
        }
        try {
            $board = BoardJson::read($files[Package::BOARD]);
        } catch (BoardFileFault) {
            return null;
        }
        $trial = $manifest['trial'] ?? null;
        $number = static fn(string $name): int => is_array($trial) && is_int($trial[$name] ?? null) ? $trial[$name] : 0;
        $handover = new Handover(
            new Inspection($board, $catalogue),
            is_string($manifest['date'] ?? null) ? $manifest['date'] : '',
            is_int($manifest['revision'] ?? null) ? $manifest['revision'] : null,
            self::wishes($manifest['wishes'] ?? null),
            is_array($trial) ? new TrialNote($number('tried'), $number('failed'), $number('gaps')) : null,
        );

        return Package::archive($handover, Package::files($handover, $exports)) === file_get_contents($path);
    }

    /**
     * @return array<string, string>
     */
    private static function wishes(mixed $stated): array
    {
        $wishes = [];
        foreach (is_array($stated) ? $stated : [] as $name => $wish) {
            if (is_string($wish)) {
                $wishes[(string) $name] = $wish;
            }
        }

        return $wishes;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Export;

/** Files in one ZIP archive, the same byte for byte whenever it is made of the same. */
final class Archive
{
    /**
     * @param array<string, string> $files texts by path
     * @param string $date ISO 8601, that all of them bear
     */
    public static function of(array $files, string $date): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        $time = (new \DateTimeImmutable($date . ' 12:00:00', new \DateTimeZone('UTC')))->getTimestamp();
        ksort($files);
        foreach ($files as $name => $text) {
            $zip->addFromString($name, $text);
            $zip->setMtimeName($name, $time);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /**
     * @return list<string> the paths of what lies in it
     */
    public static function names(string $archive): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        file_put_contents($path, $archive);
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::RDONLY);
        $names = [];
        for ($place = 0; $place < $zip->count(); ++$place) {
            $names[] = (string) $zip->getNameIndex($place);
        }
        unlink($path);

        return $names;
    }
}

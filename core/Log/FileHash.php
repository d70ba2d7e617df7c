<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** The mark of a file that lies elsewhere: its SHA-256 in 64 hexadecimal digits. */
final class FileHash
{
    private const MOST = 20;

    /**
     * @param list<string> $hashes
     * @throws \InvalidArgumentException when one is none
     */
    public static function checked(array $hashes): void
    {
        if (count($hashes) > self::MOST) {
            throw new \InvalidArgumentException(sprintf('At most %d files belong to one entry.', self::MOST));
        }
        foreach ($hashes as $hash) {
            if (1 !== preg_match('/^[0-9a-f]{64}$/D', $hash)) {
                throw new \InvalidArgumentException(sprintf('“%s” is no SHA-256 of a file.', mb_substr($hash, 0, 80)));
            }
        }
    }
}

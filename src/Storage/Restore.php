<?php

declare(strict_types=1);

namespace IronLatch\Storage;

/** Puts a backup in the place of the store: the file is checked first, and the present store is kept beside it. */
final class Restore
{
    private const TABLES = ['board', 'revision'];

    /**
     * @param string $backup path of the file
     * @param string $store path of the database in use
     * @return ?string where the store that was there is kept; null where there was none
     * @throws \InvalidArgumentException with what is wrong; nothing was changed then
     */
    public static function from(string $backup, string $store, \DateTimeImmutable $now): ?string
    {
        self::check($backup);
        $new = $store . '.new';
        if (!@copy($backup, $new)) {
            @unlink($new);
            throw new \InvalidArgumentException(sprintf(
                '%s cannot be copied beside the store. Check that there is room, and that the folder may be written to.',
                $backup,
            ));
        }
        self::withoutDevices($new);
        $kept = null;
        if (is_file($store)) {
            $kept = sprintf('%s.before-restore-%s', $store, $now->format('Ymd-His'));
            self::settle($store, $new);
            rename($store, $kept);
        }
        foreach (['-wal', '-shm'] as $ending) {
            // What stood in the log belongs to the store that was moved away, and is in it.
            @unlink($store . $ending);
        }
        rename($new, $store);

        return $kept;
    }

    /**
     * Takes out of a copy of the store who is let in (tables that begin with “phone_”): a backup lets nobody in, neither in other hands nor
     * when it is put back.
     */
    public static function withoutDevices(string $copy): void
    {
        $database = new \SQLite3($copy);
        $database->enableExceptions(true);
        $database->exec('PRAGMA journal_mode = DELETE');
        $tables = $database->query("SELECT name FROM sqlite_master WHERE type = 'table' AND name LIKE 'phone\\_%' ESCAPE '\\'");
        $names = [];
        while (false !== $tables && is_array($row = $tables->fetchArray(SQLITE3_ASSOC))) {
            $names[] = is_string($row['name'] ?? null) ? $row['name'] : '';
        }
        foreach ($names as $name) {
            $database->exec(sprintf('DELETE FROM "%s"', $name));
        }
        $database->exec('VACUUM');
        $database->close();
    }

    private static function check(string $backup): void
    {
        if (!is_file($backup) || !is_readable($backup)) {
            throw new \InvalidArgumentException(sprintf('%s cannot be read. Name a backup file.', $backup));
        }
        try {
            $database = new \SQLite3($backup, SQLITE3_OPEN_READONLY);
            $database->enableExceptions(true);
            $sound = 'ok' === $database->querySingle('PRAGMA integrity_check')
                && null === $database->querySingle('PRAGMA foreign_key_check');
            $tables = $database->querySingle(sprintf(
                "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name IN ('%s')",
                implode("', '", self::TABLES),
            ));
            $heads = 2 === $tables
                ? $database->querySingle('SELECT count(*) FROM board b LEFT JOIN revision r ON r.id = b.head_id WHERE r.id IS NULL')
                : 0;
            $database->close();
        } catch (\Exception $fault) {
            throw new \InvalidArgumentException(
                sprintf('%s is no sound database (%s). Nothing was changed.', $backup, lcfirst($fault->getMessage())),
                previous: $fault,
            );
        }
        if (count(self::TABLES) !== $tables) {
            throw new \InvalidArgumentException(sprintf('%s is a database, but none of Iron Latch. Nothing was changed.', $backup));
        }
        if (!$sound || 0 !== $heads) {
            throw new \InvalidArgumentException(sprintf('%s is damaged. Nothing was changed. Try an older backup.', $backup));
        }
    }

    /** Brings all that stands in the log of a store into its file, and makes sure that nobody is writing. */
    private static function settle(string $store, string $new): void
    {
        try {
            $database = new \SQLite3($store);
            $database->enableExceptions(true);
            $database->busyTimeout(2000);
            $database->exec('BEGIN EXCLUSIVE');
            $database->exec('COMMIT');
            $database->exec('PRAGMA wal_checkpoint(TRUNCATE)');
            $database->close();
        } catch (\Exception $fault) {
            if (str_contains($fault->getMessage(), 'locked')) {
                @unlink($new);
                throw new \InvalidArgumentException(
                    'The store is in use. End the server first, then restore again. Nothing was changed.',
                    previous: $fault,
                );
            }
            // A damaged store is kept as it is.
        }
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Storage;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\DBAL\Connection;
use Doctrine\Migrations\Event\MigrationsEventArgs;
use Doctrine\Migrations\Events;

/**
 * Keeps the data through a migration: a copy beside the database first, foreign keys off while tables are rebuilt (or SQLite
 * deletes the children of every altered table), and a check before they are on again.
 */
#[AsDoctrineListener(Events::onMigrationsMigrating)]
#[AsDoctrineListener(Events::onMigrationsMigrated)]
final class MigrationGuard
{
    public function onMigrationsMigrating(MigrationsEventArgs $event): void
    {
        $connection = $event->getConnection();
        $this->copy($connection);
        $connection->executeStatement('PRAGMA foreign_keys = OFF');
    }

    public function onMigrationsMigrated(MigrationsEventArgs $event): void
    {
        $connection = $event->getConnection();
        $broken = $connection->fetchAllAssociative('PRAGMA foreign_key_check');
        if ([] !== $broken) {
            throw new \RuntimeException(sprintf(
                'The migration left %d rows without their parent. Put the copy beside the database back.',
                count($broken),
            ));
        }
        $connection->executeStatement('PRAGMA foreign_keys = ON');
    }

    private function copy(Connection $connection): void
    {
        $file = $connection->fetchOne("SELECT file FROM pragma_database_list WHERE name = 'main'");
        $tables = $connection->fetchOne("SELECT count(*) FROM sqlite_master WHERE name = 'board'");
        if (!is_string($file) || '' === $file || 1 !== (int) (is_scalar($tables) ? $tables : 0)) {
            return;
        }
        $copy = sprintf('%s.before-migration-%s', $file, date('Ymd-His'));
        if (!is_file($copy)) {
            $connection->executeStatement('VACUUM INTO ?', [$copy]);
        }
    }
}

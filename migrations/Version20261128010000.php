<?php

declare(strict_types=1);

namespace IronLatch\Migrations;

use Doctrine\DBAL\ParameterType;
use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use IronLatch\Storage\Packing;

/** Documents and edits are packed, the facts of each part kept once; every revision stays. */
final class Version20261128010000 extends AbstractMigration
{
    private const BATCH = 200;

    public function getDescription(): string
    {
        return 'Packed revisions';
    }

    public function up(Schema $schema): void
    {
        $connection = $this->connection;
        $connection->executeStatement('CREATE TABLE part_facts (hash VARCHAR(64) NOT NULL, content BLOB NOT NULL, PRIMARY KEY (hash))');
        $connection->executeStatement('ALTER TABLE revision ADD COLUMN content BLOB DEFAULT NULL');
        $connection->executeStatement('ALTER TABLE revision ADD COLUMN edit_content BLOB DEFAULT NULL');
        do {
            $rows = $connection->fetchAllAssociative('SELECT id, document, edit FROM revision WHERE content IS NULL LIMIT ' . self::BATCH);
            $connection->beginTransaction();
            foreach ($rows as $row) {
                [$document, $edit] = array_map(
                    fn(string $column): string => $this->packed(is_string($row[$column]) ? $row[$column] : ''),
                    ['document', 'edit'],
                );
                $connection->executeStatement(
                    'UPDATE revision SET content = ?, edit_content = ? WHERE id = ?',
                    [$document, $edit, $row['id']],
                    [ParameterType::LARGE_OBJECT, ParameterType::LARGE_OBJECT, ParameterType::STRING],
                );
            }
            $connection->commit();
        } while ([] !== $rows);
        $this->addSql('ALTER TABLE revision DROP COLUMN document');
        $this->addSql('ALTER TABLE revision DROP COLUMN edit');
        $this->addSql(
            'CREATE TABLE shelf_card (revision_id CHAR(36) NOT NULL, made_by VARCHAR(64) NOT NULL, content BLOB NOT NULL, PRIMARY KEY '
                . '(revision_id))',
        );
    }

    public function postUp(Schema $schema): void
    {
        $this->connection->executeStatement('VACUUM');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Put the copy beside the database back: older versions cannot read packed revisions.');
    }

    public function isTransactional(): bool
    {
        return false;
    }

    private function packed(string $json): string
    {
        // What is no JSON cannot be read before or after; it stays as a text.
        $isJson = '' !== $json && null !== json_decode($json);
        [$content, $parts] = Packing::pack($isJson ? $json : ('' === $json ? '{}' : json_encode(
            ['unreadable' => mb_scrub($json)],
            JSON_THROW_ON_ERROR,
        )));
        foreach ($parts as $hash => $part) {
            $this->connection->executeStatement(
                'INSERT OR IGNORE INTO part_facts (hash, content) VALUES (?, ?)',
                [$hash, Packing::part($part)],
                [ParameterType::STRING, ParameterType::LARGE_OBJECT],
            );
        }

        return $content;
    }
}

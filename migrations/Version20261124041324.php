<?php

declare(strict_types=1);

namespace IronLatch\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The first tables: boards on the shelf, and their revisions. */
final class Version20261124041324 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Boards and revisions';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE board (id CHAR(36) NOT NULL, head_id CHAR(36) NOT NULL, tip_id CHAR(36) NOT NULL, version INTEGER DEFAULT 1 NOT '
                . 'NULL, removed_at DATETIME DEFAULT NULL, name VARCHAR(255) NOT NULL, changed_at DATETIME NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql(
            'CREATE TABLE revision (id CHAR(36) NOT NULL, number INTEGER NOT NULL, document CLOB NOT NULL, edit CLOB NOT NULL, summary '
                . 'CLOB NOT NULL, made_at DATETIME NOT NULL, board_id CHAR(36) NOT NULL, base_id CHAR(36) DEFAULT NULL, PRIMARY KEY (id), '
                . 'CONSTRAINT FK_6D6315CCE7EC5785 FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY '
                . 'IMMEDIATE, CONSTRAINT FK_6D6315CC6967DF41 FOREIGN KEY (base_id) REFERENCES revision (id) NOT DEFERRABLE INITIALLY '
                . 'IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_6D6315CCE7EC5785 ON revision (board_id)');
        $this->addSql('CREATE INDEX IDX_6D6315CC6967DF41 ON revision (base_id)');
        $this->addSql('CREATE UNIQUE INDEX revision_number ON revision (board_id, number)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE revision');
        $this->addSql('DROP TABLE board');
    }

    public function isTransactional(): bool
    {
        return false;
    }
}

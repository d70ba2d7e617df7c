<?php

declare(strict_types=1);

namespace IronLatch\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What comes back from a layout desk is kept with what was said of it, and with what the maker has settled. */
final class Version20261129170000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Files that come back, and what was settled about them';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE returned_file (id CHAR(36) NOT NULL, board_id CHAR(36) NOT NULL, revision INTEGER NOT NULL, '
                . 'name VARCHAR(120) NOT NULL, sha256 VARCHAR(64) NOT NULL, packed BLOB NOT NULL, connections VARCHAR(64) NOT NULL, '
                . 'verdict CLOB NOT NULL, came_at DATETIME NOT NULL, PRIMARY KEY (id), '
                . 'CONSTRAINT FK_RETURNED_BOARD FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE)',
        );
        $this->addSql('CREATE INDEX IDX_RETURNED_BOARD ON returned_file (board_id)');
        $this->addSql(
            'CREATE TABLE layout_decisions (board_id CHAR(36) NOT NULL, decisions CLOB NOT NULL, PRIMARY KEY (board_id), '
                . 'CONSTRAINT FK_DECISIONS_BOARD FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE layout_decisions');
        $this->addSql('DROP TABLE returned_file');
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Every board has a log beside its revisions, entry by entry. */
final class Version20261129180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The log of a board';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE log_step (board_id CHAR(36) NOT NULL, number INTEGER NOT NULL, summary VARCHAR(200) NOT NULL, '
                . 'packed BLOB NOT NULL, made_at DATETIME NOT NULL, PRIMARY KEY (board_id, number), '
                . 'CONSTRAINT FK_LOG_BOARD FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE)',
        );
        $this->addSql(
            'CREATE TABLE log_picture (board_id CHAR(36) NOT NULL, sha256 VARCHAR(64) NOT NULL, bytes BLOB NOT NULL, '
                . 'PRIMARY KEY (board_id, sha256), '
                . 'CONSTRAINT FK_PICTURE_BOARD FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE log_picture');
        $this->addSql('DROP TABLE log_step');
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What stands on the bench of a board outlasts the page that shows it. */
final class Version20261129070000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The run that stands on the bench';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE live_bench (board_id CHAR(36) NOT NULL, revision_id CHAR(36) NOT NULL, '
                . 'script CLOB NOT NULL, runs BOOLEAN NOT NULL, PRIMARY KEY (board_id), '
                . 'CONSTRAINT FK_LIVE_BENCH_BOARD FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE live_bench');
    }
}

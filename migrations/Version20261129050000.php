<?php

declare(strict_types=1);

namespace IronLatch\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What trials have said of a document, and the runs of the bench, lie beside the revisions. */
final class Version20261129050000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Trials and runs of the bench';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE trial_verdict (document VARCHAR(64) NOT NULL, rule_book VARCHAR(20) NOT NULL, program INTEGER NOT NULL, '
                . 'verdict CLOB NOT NULL, tried_at DATETIME NOT NULL, PRIMARY KEY (document, rule_book, program))',
        );
        $this->addSql(
            'CREATE TABLE bench_run (id CHAR(36) NOT NULL, board_id CHAR(36) NOT NULL, revision_id CHAR(36) NOT NULL, '
                . 'name VARCHAR(120) NOT NULL, script CLOB NOT NULL, made_at DATETIME NOT NULL, PRIMARY KEY (id), '
                . 'CONSTRAINT FK_BENCH_RUN_BOARD FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE, '
                . 'CONSTRAINT FK_BENCH_RUN_REVISION FOREIGN KEY (revision_id) REFERENCES revision (id) ON DELETE CASCADE)',
        );
        $this->addSql('CREATE INDEX IDX_BENCH_RUN_BOARD ON bench_run (board_id)');
        $this->addSql('CREATE INDEX IDX_BENCH_RUN_REVISION ON bench_run (revision_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE bench_run');
        $this->addSql('DROP TABLE trial_verdict');
    }
}

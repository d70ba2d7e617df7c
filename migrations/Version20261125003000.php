<?php

declare(strict_types=1);

namespace IronLatch\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Parts of a maker's own. */
final class Version20261125003000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Own parts';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE own_part (id VARCHAR(60) NOT NULL, document CLOB NOT NULL, changed_at DATETIME NOT NULL, PRIMARY KEY (id))',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE own_part');
    }

    public function isTransactional(): bool
    {
        return false;
    }
}

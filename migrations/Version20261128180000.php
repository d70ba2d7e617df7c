<?php

declare(strict_types=1);

namespace IronLatch\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Price list, drawer and currency lie beside the boards. */
final class Version20261128180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Papers beside the boards';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE shelf_paper (name VARCHAR(20) NOT NULL, text CLOB NOT NULL, changed_at DATETIME NOT NULL, PRIMARY KEY (name))',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE shelf_paper');
    }
}

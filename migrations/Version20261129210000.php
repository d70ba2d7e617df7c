<?php

declare(strict_types=1);

namespace IronLatch\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Devices in the house that are let in beside the desk itself, and what opens it to them. */
final class Version20261129210000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Paired devices';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE phone_device (id CHAR(36) NOT NULL, name VARCHAR(60) NOT NULL, may VARCHAR(40) NOT NULL, '
                . 'paired_at DATETIME NOT NULL, seen_at DATETIME NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql(
            'CREATE TABLE phone_gate (id INTEGER NOT NULL, signing_key VARCHAR(64) NOT NULL, code VARCHAR(8) DEFAULT NULL, '
                . 'may VARCHAR(40) NOT NULL, code_until DATETIME DEFAULT NULL, tries INTEGER NOT NULL, tries_in_all INTEGER NOT NULL, '
                . 'wait_seconds INTEGER NOT NULL, waits_until DATETIME DEFAULT NULL, PRIMARY KEY (id))',
        );
        // What is sent twice by a phone whose connection broke is put down once.
        $this->addSql('ALTER TABLE log_step ADD COLUMN once VARCHAR(36) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE log_step DROP COLUMN once');
        $this->addSql('DROP TABLE phone_gate');
        $this->addSql('DROP TABLE phone_device');
    }
}

<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Two migrations were edited after databases had been through them. Whatever such a database lacks is added here, and what
 * it has too much is taken away; on any other nothing happens.
 */
final class Version20261128050000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE studio_design DROP COLUMN IF EXISTS height_nm, DROP COLUMN IF EXISTS width_nm, DROP COLUMN IF EXISTS stitched_nm',
        );
        $this->addSql(
            'CREATE TABLE IF NOT EXISTS studio_task (id BINARY(16) NOT NULL, done DATETIME DEFAULT NULL, task VARCHAR(20) NOT NULL, why VARCHAR(200) NOT NULL, made DATETIME NOT NULL, frame_id BINARY(16) NOT NULL, INDEX IDX_338560BD3FA3C347 (frame_id), PRIMARY KEY (id), CONSTRAINT FK_338560BD3FA3C347 FOREIGN KEY (frame_id) REFERENCES studio_frame (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB',
        );
        $this->addSql('ALTER TABLE studio ADD COLUMN IF NOT EXISTS seen INT NOT NULL DEFAULT 0');
        $this->addSql('ALTER TABLE studio CHANGE seen seen INT NOT NULL');
        $this->addSql('CREATE INDEX IF NOT EXISTS log_entry_kind ON log_entry (kind, run_id)');
    }

    public function down(Schema $schema): void
    {
        // There is nothing to take back: it leaves what the earlier migrations say.
    }
}

<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Rounds of the trainer, tasks, and the count of what changes a studio's room of tension. */
final class Version20261124030000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE training_round (id BINARY(16) NOT NULL, level SMALLINT NOT NULL, seed INT NOT NULL, points SMALLINT NOT NULL, at DATETIME NOT NULL, person_id BINARY(16) NOT NULL, INDEX IDX_2A346059217BBB47 (person_id), UNIQUE INDEX training_round_bed (person_id, level, seed), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE studio_task (id BINARY(16) NOT NULL, done DATETIME DEFAULT NULL, task VARCHAR(20) NOT NULL, why VARCHAR(200) NOT NULL, made DATETIME NOT NULL, frame_id BINARY(16) NOT NULL, INDEX IDX_338560BD3FA3C347 (frame_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('ALTER TABLE studio_task ADD CONSTRAINT FK_338560BD3FA3C347 FOREIGN KEY (frame_id) REFERENCES studio_frame (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE studio ADD seen INT DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE studio CHANGE seen seen INT NOT NULL');
        $this->addSql('CREATE INDEX log_entry_kind ON log_entry (kind, run_id)');
        $this->addSql('ALTER TABLE training_round ADD CONSTRAINT FK_2A346059217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX log_entry_kind ON log_entry');
        $this->addSql('ALTER TABLE studio DROP seen');
        $this->addSql('DROP TABLE studio_task');
        $this->addSql('DROP TABLE training_round');
    }
}

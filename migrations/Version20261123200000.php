<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Runs at the frame with their logs and photos, finished quilts, and the studio's ways of loading. */
final class Version20261123200000 extends AbstractMigration
{
    private const TABLE = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB';

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE run (id BINARY(16) NOT NULL, ended DATETIME DEFAULT NULL, frozen JSON NOT NULL, off JSON NOT NULL, started DATETIME NOT NULL, quilt_id BINARY(16) NOT NULL, INDEX IDX_5076A4C0B5EC5EDC (quilt_id), INDEX run_quilt (quilt_id, started), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('CREATE TABLE log_entry (id INT AUTO_INCREMENT NOT NULL, entry_key VARCHAR(36) NOT NULL, kind VARCHAR(16) NOT NULL, step VARCHAR(60) DEFAULT NULL, at_ms BIGINT NOT NULL, person VARCHAR(120) NOT NULL, data JSON NOT NULL, received DATETIME NOT NULL, run_id BINARY(16) NOT NULL, INDEX IDX_B5F762D84E3FEC4 (run_id), UNIQUE INDEX log_entry_key (run_id, entry_key), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('CREATE TABLE photo (id BINARY(16) NOT NULL, jpeg MEDIUMBLOB NOT NULL, run_id BINARY(16) NOT NULL, INDEX IDX_14B7841884E3FEC4 (run_id), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('ALTER TABLE run ADD CONSTRAINT FK_5076A4C0B5EC5EDC FOREIGN KEY (quilt_id) REFERENCES quilt (id)');
        $this->addSql('ALTER TABLE log_entry ADD CONSTRAINT FK_B5F762D84E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE photo ADD CONSTRAINT FK_14B7841884E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) ON DELETE CASCADE');
        $this->addSql("ALTER TABLE studio ADD ways JSON DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE studio CHANGE ways ways JSON NOT NULL');
        $this->addSql('ALTER TABLE quilt ADD finished DATETIME DEFAULT NULL');
        $this->addSql('DROP INDEX quilt_shelf ON quilt');
        $this->addSql('CREATE INDEX quilt_shelf ON quilt (studio_id, finished, due, id)');
    }

    public function down(Schema $schema): void
    {
        foreach (['photo', 'log_entry', 'run'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
        $this->addSql('ALTER TABLE studio DROP ways');
        $this->addSql('DROP INDEX quilt_shelf ON quilt');
        $this->addSql('CREATE INDEX quilt_shelf ON quilt (studio_id, due, id)');
        $this->addSql('ALTER TABLE quilt DROP finished');
    }
}

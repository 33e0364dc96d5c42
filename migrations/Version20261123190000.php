<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Leaders with their loads and checks, the stock of each frame, the working hand, and the studio's own words. */
final class Version20261123190000 extends AbstractMigration
{
    private const TABLE = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB';

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE studio_leader (id BINARY(16) NOT NULL, casing TINYINT NOT NULL, roller VARCHAR(12) NOT NULL, frame_id BINARY(16) NOT NULL, INDEX IDX_10C8E13A3FA3C347 (frame_id), UNIQUE INDEX leader_roller (frame_id, roller), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('CREATE TABLE leader_load (id INT AUTO_INCREMENT NOT NULL, position_nm BIGINT NOT NULL, edge_nm BIGINT NOT NULL, at DATETIME NOT NULL, title VARCHAR(120) NOT NULL, leader_id BINARY(16) NOT NULL, INDEX IDX_385BED1273154ED4 (leader_id), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('CREATE TABLE leader_inspection (id INT AUTO_INCREMENT NOT NULL, readings JSON NOT NULL, at DATETIME NOT NULL, leader_id BINARY(16) NOT NULL, INDEX IDX_282E037D73154ED4 (leader_id), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('ALTER TABLE studio_leader ADD CONSTRAINT FK_10C8E13A3FA3C347 FOREIGN KEY (frame_id) REFERENCES studio_frame (id)');
        $this->addSql('ALTER TABLE leader_load ADD CONSTRAINT FK_385BED1273154ED4 FOREIGN KEY (leader_id) REFERENCES studio_leader (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE leader_inspection ADD CONSTRAINT FK_282E037D73154ED4 FOREIGN KEY (leader_id) REFERENCES studio_leader (id) ON DELETE CASCADE');
        $this->addSql("ALTER TABLE studio_frame ADD steel_bars TINYINT DEFAULT 0 NOT NULL, ADD stock JSON DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE studio_frame CHANGE steel_bars steel_bars TINYINT NOT NULL, CHANGE stock stock JSON NOT NULL');
        $this->addSql("ALTER TABLE person ADD hand VARCHAR(5) DEFAULT 'right' NOT NULL");
        $this->addSql('ALTER TABLE person CHANGE hand hand VARCHAR(5) NOT NULL');
        $this->addSql("ALTER TABLE studio ADD words JSON DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE studio CHANGE words words JSON NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE leader_inspection');
        $this->addSql('DROP TABLE leader_load');
        $this->addSql('DROP TABLE studio_leader');
        $this->addSql('ALTER TABLE studio_frame DROP steel_bars, DROP stock');
        $this->addSql('ALTER TABLE person DROP hand');
        $this->addSql('ALTER TABLE studio DROP words');
    }
}

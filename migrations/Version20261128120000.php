<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The queue of a studio, what it rests on, what was learnt of times, what is to be done, and loads of several tops. */
final class Version20261128120000 extends AbstractMigration
{
    private const OPTIONS = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`';

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE studio_chore (
                id BINARY(16) NOT NULL, done DATETIME DEFAULT NULL, person VARCHAR(120) DEFAULT \'\' NOT NULL,
                chore_key VARCHAR(120) NOT NULL COLLATE `utf8mb4_bin`, text VARCHAR(200) NOT NULL,
                by_when DATETIME DEFAULT NULL, made DATETIME NOT NULL, studio_id BINARY(16) NOT NULL,
                INDEX IDX_7BCDC71F446F285F (studio_id), UNIQUE INDEX studio_chore_key (studio_id, chore_key),
                PRIMARY KEY (id)
            ) ' . self::OPTIONS,
        );
        $this->addSql(
            'CREATE TABLE studio_hours (
                hours JSON NOT NULL, off JSON NOT NULL, setup JSON NOT NULL, needle_hours INT NOT NULL,
                needled DATETIME DEFAULT NULL, service DATE DEFAULT NULL, studio_id BINARY(16) NOT NULL,
                PRIMARY KEY (studio_id)
            ) ' . self::OPTIONS,
        );
        $this->addSql(
            'CREATE TABLE bench_plan (
                plan JSON NOT NULL, factors JSON NOT NULL, forgotten JSON NOT NULL, worked DATETIME DEFAULT NULL,
                changes INT DEFAULT 0 NOT NULL, planned INT DEFAULT 0 NOT NULL, calendar MEDIUMTEXT NOT NULL, link_hash CHAR(64) DEFAULT NULL,
                studio_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_FDA9CD6D60FFF011 (link_hash), PRIMARY KEY (studio_id)
            ) ' . self::OPTIONS,
        );
        $this->addSql(
            'CREATE TABLE quilt_facts (
                facts JSON NOT NULL, stamp CHAR(64) NOT NULL, quilt_id BINARY(16) NOT NULL, PRIMARY KEY (quilt_id)
            ) ' . self::OPTIONS,
        );
        $this->addSql(
            'CREATE TABLE queue_pin (
                place INT DEFAULT NULL, not_before DATETIME DEFAULT NULL, weight INT DEFAULT 1 NOT NULL,
                thread VARCHAR(60) DEFAULT \'\' NOT NULL, pinned DATETIME DEFAULT NULL,
                person VARCHAR(120) DEFAULT \'\' NOT NULL, frame_id BINARY(16) DEFAULT NULL, quilt_id BINARY(16) NOT NULL,
                INDEX IDX_EF78B0D43FA3C347 (frame_id), PRIMARY KEY (quilt_id)
            ) ' . self::OPTIONS,
        );
        $this->addSql(
            'CREATE TABLE run_times (
                steps JSON NOT NULL, sums JSON NOT NULL, last INT NOT NULL, run_id BINARY(16) NOT NULL,
                PRIMARY KEY (run_id)
            ) ' . self::OPTIONS,
        );
        foreach (['studio_chore' => 'FK_7BCDC71F446F285F', 'studio_hours' => 'FK_74AF5D40446F285F', 'bench_plan' => 'FK_FDA9CD6D446F285F'] as $table => $name) {
            $this->addSql("ALTER TABLE $table ADD CONSTRAINT $name FOREIGN KEY (studio_id) REFERENCES studio (id) ON DELETE CASCADE");
        }
        $this->addSql('ALTER TABLE quilt_facts ADD CONSTRAINT FK_8B164594B5EC5EDC FOREIGN KEY (quilt_id) REFERENCES quilt (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE queue_pin ADD CONSTRAINT FK_EF78B0D43FA3C347 FOREIGN KEY (frame_id) REFERENCES studio_frame (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE queue_pin ADD CONSTRAINT FK_EF78B0D4B5EC5EDC FOREIGN KEY (quilt_id) REFERENCES quilt (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE run_times ADD CONSTRAINT FK_2148F40284E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE quilt ADD carried_at BIGINT DEFAULT NULL, ADD carrier_id BINARY(16) DEFAULT NULL, ADD number INT DEFAULT 0 NOT NULL, ADD number_year SMALLINT DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE quilt ADD CONSTRAINT FK_87570FED21DFC797 FOREIGN KEY (carrier_id) REFERENCES quilt (id) ON DELETE SET NULL');
        $this->addSql('CREATE INDEX IDX_87570FED21DFC797 ON quilt (carrier_id)');
        // Those that are there are numbered in the order in which they came.
        $this->addSql(
            'UPDATE quilt JOIN (SELECT id, ROW_NUMBER() OVER (PARTITION BY studio_id ORDER BY id) AS place FROM quilt) counted
                ON counted.id = quilt.id SET quilt.number = counted.place, quilt.number_year = YEAR(CURDATE())',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE quilt DROP FOREIGN KEY FK_87570FED21DFC797');
        $this->addSql('DROP INDEX IDX_87570FED21DFC797 ON quilt');
        $this->addSql('ALTER TABLE quilt DROP carried_at, DROP carrier_id, DROP number, DROP number_year');
        foreach (['run_times', 'queue_pin', 'quilt_facts', 'bench_plan', 'studio_hours', 'studio_chore'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Clients are records: whoever a quilt was entered for becomes one, and their quilts point there. */
final class Version20261128160000 extends AbstractMigration
{
    private const OPTIONS = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`';

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE client (
                id BINARY(16) NOT NULL, email VARCHAR(180) NOT NULL, phone VARCHAR(60) NOT NULL,
                address VARCHAR(300) NOT NULL, units VARCHAR(2) DEFAULT NULL, wishes JSON NOT NULL, note LONGTEXT NOT NULL,
                name VARCHAR(120) NOT NULL COLLATE `utf8mb4_unicode_520_ci`, since DATETIME NOT NULL,
                studio_id BINARY(16) NOT NULL, INDEX IDX_C7440455446F285F (studio_id),
                UNIQUE INDEX client_name (studio_id, name), PRIMARY KEY (id)
            ) ' . self::OPTIONS,
        );
        $this->addSql('ALTER TABLE client ADD CONSTRAINT FK_C7440455446F285F FOREIGN KEY (studio_id) REFERENCES studio (id)');
        $this->addSql('ALTER TABLE quilt ADD brought JSON DEFAULT NULL, ADD whose_id BINARY(16) DEFAULT NULL');
        $this->addSql('ALTER TABLE quilt ADD CONSTRAINT FK_87570FEDA9C679E1 FOREIGN KEY (whose_id) REFERENCES client (id) ON DELETE SET NULL');
        $this->addSql('CREATE INDEX IDX_87570FEDA9C679E1 ON quilt (whose_id)');
        $this->addSql(
            'CREATE TABLE studio_front (
                word VARCHAR(40) DEFAULT NULL COLLATE `utf8mb4_bin`, calculates TINYINT NOT NULL, listens TINYINT NOT NULL,
                texts JSON NOT NULL, studio_id BINARY(16) NOT NULL, UNIQUE INDEX studio_front_word (word), PRIMARY KEY (studio_id)
            ) ' . self::OPTIONS,
        );
        $this->addSql('ALTER TABLE studio_front ADD CONSTRAINT FK_4E823B446F285F FOREIGN KEY (studio_id) REFERENCES studio (id) ON DELETE CASCADE');
        $this->addSql(
            'CREATE TABLE intake (
                facts JSON NOT NULL, home_since DATETIME DEFAULT NULL, handed_by VARCHAR(120) NOT NULL, ticked JSON NOT NULL,
                quilt_id BINARY(16) NOT NULL, PRIMARY KEY (quilt_id)
            ) ' . self::OPTIONS,
        );
        $this->addSql('ALTER TABLE intake ADD CONSTRAINT FK_AEA2877AB5EC5EDC FOREIGN KEY (quilt_id) REFERENCES quilt (id) ON DELETE CASCADE');
        // A photo is of a quilt; of a problem at the frame it was so far.
        $this->addSql('ALTER TABLE photo ADD small BLOB DEFAULT NULL, ADD quilt_id BINARY(16) DEFAULT NULL, CHANGE run_id run_id BINARY(16) DEFAULT NULL');
        $this->addSql('UPDATE photo JOIN run ON run.id = photo.run_id SET photo.quilt_id = run.quilt_id');
        $this->addSql('ALTER TABLE photo CHANGE quilt_id quilt_id BINARY(16) NOT NULL');
        $this->addSql('ALTER TABLE photo ADD CONSTRAINT FK_14B78418B5EC5EDC FOREIGN KEY (quilt_id) REFERENCES quilt (id) ON DELETE CASCADE');
        $this->addSql('CREATE INDEX IDX_14B78418B5EC5EDC ON photo (quilt_id)');
        $this->addSql(
            'CREATE TABLE client_message (
                state VARCHAR(10) NOT NULL, trouble VARCHAR(300) NOT NULL, id BINARY(16) NOT NULL, kind VARCHAR(8) NOT NULL,
                recipient VARCHAR(180) NOT NULL, subject VARCHAR(200) NOT NULL, text LONGTEXT NOT NULL,
                written_by VARCHAR(120) NOT NULL, written DATETIME NOT NULL, letter_id BINARY(16) DEFAULT NULL,
                quilt_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_E48074024525FF26 (letter_id),
                INDEX IDX_E4807402B5EC5EDC (quilt_id), PRIMARY KEY (id)
            ) ' . self::OPTIONS,
        );
        $this->addSql('ALTER TABLE client_message ADD CONSTRAINT FK_E48074024525FF26 FOREIGN KEY (letter_id) REFERENCES letter (id) ON DELETE SET NULL');
        $this->addSql(
            'CREATE TABLE proposal (
                decided DATETIME DEFAULT NULL, decided_by VARCHAR(120) NOT NULL, accepted TINYINT NOT NULL,
                id BINARY(16) NOT NULL, measures JSON NOT NULL, text LONGTEXT NOT NULL, came DATETIME NOT NULL,
                quilt_id BINARY(16) NOT NULL, photo_id BINARY(16) DEFAULT NULL, INDEX IDX_BFE59472B5EC5EDC (quilt_id),
                INDEX IDX_BFE594727E9E4C8C (photo_id), INDEX proposal_open (quilt_id, decided), PRIMARY KEY (id)
            ) ' . self::OPTIONS,
        );
        $this->addSql('ALTER TABLE proposal ADD CONSTRAINT FK_BFE594727E9E4C8C FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE SET NULL');
        $this->addSql(
            'CREATE TABLE job_link (
                id BINARY(16) NOT NULL, closed DATETIME DEFAULT NULL, made DATETIME NOT NULL, quilt_id BINARY(16) NOT NULL,
                INDEX IDX_B160EFB0B5EC5EDC (quilt_id), PRIMARY KEY (id)
            ) ' . self::OPTIONS,
        );
        foreach (['client_message' => 'FK_E4807402B5EC5EDC', 'proposal' => 'FK_BFE59472B5EC5EDC', 'job_link' => 'FK_B160EFB0B5EC5EDC'] as $table => $name) {
            $this->addSql("ALTER TABLE $table ADD CONSTRAINT $name FOREIGN KEY (quilt_id) REFERENCES quilt (id) ON DELETE CASCADE");
        }
        $this->addSql(
            'CREATE TABLE studio_transfer (
                id BINARY(16) NOT NULL, state VARCHAR(10) NOT NULL, percent INT NOT NULL, fault VARCHAR(300) NOT NULL,
                is_arriving TINYINT NOT NULL, asked DATETIME NOT NULL, studio_id BINARY(16) NOT NULL, owner_id BINARY(16) NOT NULL,
                INDEX IDX_3C3612C2446F285F (studio_id), INDEX IDX_3C3612C27E3C61F9 (owner_id), PRIMARY KEY (id)
            ) ' . self::OPTIONS,
        );
        $this->addSql('ALTER TABLE studio_transfer ADD CONSTRAINT FK_3C3612C2446F285F FOREIGN KEY (studio_id) REFERENCES studio (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE studio_transfer ADD CONSTRAINT FK_3C3612C27E3C61F9 FOREIGN KEY (owner_id) REFERENCES person (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE studio_frame ADD deleted DATETIME DEFAULT NULL');
        $this->addSql('ALTER TABLE quilt ADD archived DATETIME DEFAULT NULL, ADD deleted DATETIME DEFAULT NULL');
        // A load of several tops names all of their clients and is nobody's own.
        $this->addSql(
            "INSERT INTO client (id, email, phone, address, units, wishes, note, name, since, studio_id)
                SELECT UNHEX(REPLACE(UUID(), '-', '')), '', '', '', NULL, '[]', '', MIN(TRIM(client)), UTC_TIMESTAMP(), studio_id
                FROM quilt WHERE entry_key NOT LIKE 'gang-%' AND TRIM(client) <> ''
                GROUP BY studio_id, TRIM(client) COLLATE utf8mb4_unicode_520_ci",
        );
        $this->addSql(
            "UPDATE quilt JOIN client ON client.studio_id = quilt.studio_id
                AND client.name = TRIM(quilt.client) COLLATE utf8mb4_unicode_520_ci
                SET quilt.whose_id = client.id, quilt.client = client.name WHERE entry_key NOT LIKE 'gang-%'",
        );
        // What each was like when it came is read off its plan, by the worker.
        $this->addSql('UPDATE quilt SET outdated = 1 WHERE revision_id IS NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE quilt DROP FOREIGN KEY FK_87570FEDA9C679E1');
        $this->addSql('ALTER TABLE quilt DROP brought, DROP whose_id, DROP archived, DROP deleted');
        $this->addSql('ALTER TABLE studio_frame DROP deleted');
        $this->addSql('DROP TABLE client');
        $this->addSql('DROP TABLE studio_front');
        $this->addSql('DROP TABLE intake');
        foreach (['client_message', 'proposal', 'job_link', 'studio_transfer'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
        $this->addSql('DELETE FROM photo WHERE run_id IS NULL');
        $this->addSql('ALTER TABLE photo DROP FOREIGN KEY FK_14B78418B5EC5EDC');
        $this->addSql('ALTER TABLE photo DROP small, DROP quilt_id, CHANGE run_id run_id BINARY(16) NOT NULL');
    }
}

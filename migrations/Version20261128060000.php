<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Accounts: devices, links by mail, the outbox, the second step, who did what, and the end of a studio. */
final class Version20261128060000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE account_link (id BINARY(16) NOT NULL, secret_hash VARCHAR(64) NOT NULL, expires DATETIME NOT NULL, purpose VARCHAR(10) NOT NULL, email VARCHAR(180) NOT NULL COLLATE `utf8mb4_bin`, person_id BINARY(16) NOT NULL, INDEX IDX_BA3F1E5B217BBB47 (person_id), UNIQUE INDEX account_link_secret (secret_hash), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('CREATE TABLE sign_up_waiting (id BINARY(16) NOT NULL, secret_hash VARCHAR(64) NOT NULL, expires DATETIME NOT NULL, studio VARCHAR(120) NOT NULL, name VARCHAR(120) NOT NULL, email VARCHAR(180) NOT NULL COLLATE `utf8mb4_bin`, units VARCHAR(2) NOT NULL, time_zone VARCHAR(60) NOT NULL, password_hash VARCHAR(255) NOT NULL, UNIQUE INDEX sign_up_waiting_secret (secret_hash), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('CREATE TABLE signed_in (id BINARY(16) NOT NULL, session_id VARCHAR(128) NOT NULL COLLATE `utf8mb4_bin`, series VARCHAR(88) DEFAULT NULL COLLATE `utf8mb4_bin`, kind VARCHAR(8) NOT NULL, address VARCHAR(45) NOT NULL, since DATETIME NOT NULL, person_id BINARY(16) NOT NULL, INDEX IDX_2F213A217BBB47 (person_id), INDEX signed_in_series (series), UNIQUE INDEX signed_in_session (session_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('CREATE TABLE audit_entry (id INT AUTO_INCREMENT NOT NULL, what VARCHAR(24) NOT NULL, who VARCHAR(120) NOT NULL, detail VARCHAR(200) NOT NULL, address VARCHAR(45) NOT NULL, at DATETIME NOT NULL, studio_id BINARY(16) NOT NULL, INDEX IDX_2C6AF987446F285F (studio_id), INDEX audit_entry_at (at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('CREATE TABLE letter (id BINARY(16) NOT NULL, passed_on DATETIME DEFAULT NULL, recipient VARCHAR(180) NOT NULL, subject VARCHAR(200) NOT NULL, text LONGTEXT NOT NULL, written DATETIME NOT NULL, until DATETIME DEFAULT NULL, studio_id BINARY(16) NOT NULL, INDEX IDX_8E02EE0A446F285F (studio_id), INDEX letter_studio (studio_id, id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('ALTER TABLE account_link ADD CONSTRAINT FK_BA3F1E5B217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE signed_in ADD CONSTRAINT FK_2F213A217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE audit_entry ADD CONSTRAINT FK_2C6AF987446F285F FOREIGN KEY (studio_id) REFERENCES studio (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE letter ADD CONSTRAINT FK_8E02EE0A446F285F FOREIGN KEY (studio_id) REFERENCES studio (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE person ADD confirmed DATETIME DEFAULT NULL, ADD second_step VARCHAR(120) DEFAULT NULL, ADD code_taken INT DEFAULT NULL, ADD recovery_codes JSON NOT NULL DEFAULT \'[]\'');
        $this->addSql('ALTER TABLE person CHANGE recovery_codes recovery_codes JSON NOT NULL');
        $this->addSql('ALTER TABLE studio ADD erased_on DATETIME DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        foreach (['account_link', 'sign_up_waiting', 'signed_in', 'audit_entry', 'letter'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
        $this->addSql(
            'ALTER TABLE person DROP confirmed, DROP second_step, DROP code_taken, DROP recovery_codes',
        );
        $this->addSql('ALTER TABLE studio DROP erased_on');
    }
}

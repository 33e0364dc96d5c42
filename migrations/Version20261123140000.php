<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Studios, people, frames and quilts; and what web servers share: sessions, throttling, tokens, the secret. */
final class Version20261123140000 extends AbstractMigration
{
    private const TABLE = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB';

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE studio (id BINARY(16) NOT NULL, name VARCHAR(120) NOT NULL, units VARCHAR(2) NOT NULL, time_zone VARCHAR(60) NOT NULL, PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('CREATE TABLE person (id BINARY(16) NOT NULL, name VARCHAR(120) NOT NULL, email VARCHAR(180) NOT NULL, password_hash VARCHAR(255) NOT NULL, owner TINYINT NOT NULL, units VARCHAR(2) NOT NULL, studio_id BINARY(16) NOT NULL, INDEX IDX_34DCD176446F285F (studio_id), UNIQUE INDEX person_email (email), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('CREATE TABLE invitation (id BINARY(16) NOT NULL, secret_hash VARCHAR(64) NOT NULL, expires DATETIME NOT NULL, name VARCHAR(120) NOT NULL, email VARCHAR(180) NOT NULL, studio_id BINARY(16) NOT NULL, INDEX IDX_F11D61A2446F285F (studio_id), UNIQUE INDEX invitation_secret (secret_hash), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('CREATE TABLE studio_frame (id BINARY(16) NOT NULL, name VARCHAR(80) NOT NULL, kind VARCHAR(30) NOT NULL, rail_nm BIGINT NOT NULL, unreachable_left_nm BIGINT NOT NULL, unreachable_right_nm BIGINT NOT NULL, throat_nm BIGINT NOT NULL, front_allowance_nm BIGINT NOT NULL, back_allowance_nm BIGINT NOT NULL, arm_clearance_nm BIGINT NOT NULL, takeup_diameter_nm BIGINT NOT NULL, leader_length_nm BIGINT DEFAULT NULL, leader_width_nm BIGINT DEFAULT NULL, ratchet_teeth INT DEFAULT NULL, bed_span_nm BIGINT DEFAULT NULL, methods JSON NOT NULL, studio_id BINARY(16) NOT NULL, INDEX IDX_4B4DDC00446F285F (studio_id), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('CREATE TABLE quilt (id BINARY(16) NOT NULL, title VARCHAR(120) NOT NULL, client VARCHAR(120) NOT NULL, due DATE DEFAULT NULL, standing VARCHAR(12) NOT NULL, verdict_in VARCHAR(300) NOT NULL, verdict_cm VARCHAR(300) NOT NULL, entry_key VARCHAR(36) NOT NULL, frame_id BINARY(16) DEFAULT NULL, revision_id INT DEFAULT NULL, studio_id BINARY(16) NOT NULL, INDEX IDX_87570FED3FA3C347 (frame_id), UNIQUE INDEX UNIQ_87570FED1DFA7C8F (revision_id), INDEX IDX_87570FED446F285F (studio_id), INDEX quilt_shelf (studio_id, due, id), UNIQUE INDEX quilt_entry (studio_id, entry_key), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('CREATE TABLE revision (id INT AUTO_INCREMENT NOT NULL, sheet JSON NOT NULL, place INT NOT NULL, quilt_id BINARY(16) NOT NULL, INDEX IDX_6D6315CCB5EC5EDC (quilt_id), UNIQUE INDEX revision_place (quilt_id, place), PRIMARY KEY (id)) ' . self::TABLE);
        $this->addSql('ALTER TABLE person ADD CONSTRAINT FK_34DCD176446F285F FOREIGN KEY (studio_id) REFERENCES studio (id)');
        $this->addSql('ALTER TABLE invitation ADD CONSTRAINT FK_F11D61A2446F285F FOREIGN KEY (studio_id) REFERENCES studio (id)');
        $this->addSql('ALTER TABLE studio_frame ADD CONSTRAINT FK_4B4DDC00446F285F FOREIGN KEY (studio_id) REFERENCES studio (id)');
        $this->addSql('ALTER TABLE quilt ADD CONSTRAINT FK_87570FED3FA3C347 FOREIGN KEY (frame_id) REFERENCES studio_frame (id)');
        $this->addSql('ALTER TABLE quilt ADD CONSTRAINT FK_87570FED446F285F FOREIGN KEY (studio_id) REFERENCES studio (id)');
        $this->addSql('ALTER TABLE quilt ADD CONSTRAINT FK_87570FED1DFA7C8F FOREIGN KEY (revision_id) REFERENCES revision (id)');
        $this->addSql('ALTER TABLE revision ADD CONSTRAINT FK_6D6315CCB5EC5EDC FOREIGN KEY (quilt_id) REFERENCES quilt (id) ON DELETE CASCADE');

        $this->addSql('CREATE TABLE sessions (sess_id VARBINARY(128) NOT NULL PRIMARY KEY, sess_data MEDIUMBLOB NOT NULL, sess_lifetime INTEGER UNSIGNED NOT NULL, sess_time INTEGER UNSIGNED NOT NULL, INDEX sess_lifetime_idx (sess_lifetime)) COLLATE utf8mb4_bin, ENGINE = InnoDB');
        $this->addSql('CREATE TABLE cache_items (item_id VARBINARY(255) NOT NULL PRIMARY KEY, item_data MEDIUMBLOB NOT NULL, item_lifetime INTEGER UNSIGNED, item_time INTEGER UNSIGNED NOT NULL) COLLATE utf8mb4_bin, ENGINE = InnoDB');
        $this->addSql('CREATE TABLE rememberme_token (series CHAR(88) NOT NULL PRIMARY KEY, value VARCHAR(255) NOT NULL, lastUsed DATETIME NOT NULL, class VARCHAR(100) DEFAULT \'\' NOT NULL, username VARCHAR(200) NOT NULL) ' . self::TABLE);
        $this->addSql('CREATE TABLE app_secret (secret VARCHAR(64) NOT NULL PRIMARY KEY) ' . self::TABLE);
        $this->addSql('INSERT INTO app_secret (secret) VALUES (?)', [bin2hex(random_bytes(32))]);
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE quilt DROP FOREIGN KEY FK_87570FED1DFA7C8F');
        foreach (['revision', 'quilt', 'studio_frame', 'invitation', 'person', 'studio', 'sessions', 'cache_items', 'rememberme_token', 'app_secret'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}

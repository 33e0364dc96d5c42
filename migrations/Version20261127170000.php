<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Which verdicts are from before a change that many quilts share, and the messages by which they are recounted. */
final class Version20261127170000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE quilt ADD outdated TINYINT(1) DEFAULT 0 NOT NULL, ' .
                'ADD INDEX quilt_outdated (studio_id, outdated, id)',
        );
        $this->addSql(
            'CREATE TABLE messenger_messages (id BIGINT AUTO_INCREMENT NOT NULL, body LONGTEXT NOT NULL, ' .
                'headers LONGTEXT NOT NULL, queue_name VARCHAR(190) NOT NULL, created_at DATETIME NOT NULL, ' .
                'available_at DATETIME NOT NULL, delivered_at DATETIME DEFAULT NULL, ' .
                'INDEX messages_waiting (queue_name, available_at, delivered_at, id), PRIMARY KEY(id)) ' .
                'DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE messenger_messages');
        $this->addSql('ALTER TABLE quilt DROP INDEX quilt_outdated, DROP outdated');
    }
}

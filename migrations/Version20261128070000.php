<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Photos come in pieces, and are made anew outside the request; those of before were made when they came. */
final class Version20261128070000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE photo_piece (id INT AUTO_INCREMENT NOT NULL, text_so_far MEDIUMTEXT NOT NULL, entry_key VARCHAR(36) NOT NULL COLLATE `utf8mb4_bin`, since DATETIME NOT NULL, run_id BINARY(16) NOT NULL, INDEX IDX_FE9B0C9484E3FEC4 (run_id), UNIQUE INDEX photo_piece_key (run_id, entry_key), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('ALTER TABLE photo_piece ADD CONSTRAINT FK_FE9B0C9484E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE photo ADD is_raw TINYINT NOT NULL DEFAULT 0');
        $this->addSql('ALTER TABLE photo CHANGE is_raw is_raw TINYINT NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE photo_piece');
        $this->addSql('ALTER TABLE photo DROP is_raw');
    }
}

<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The studio's own figures, its row designs, and which quilts are on a frame. */
final class Version20261123180000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE studio ADD practice JSON DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE studio CHANGE practice practice JSON NOT NULL');
        $this->addSql('ALTER TABLE quilt ADD loaded DATETIME DEFAULT NULL');
        $this->addSql('CREATE TABLE studio_design (id BINARY(16) NOT NULL, path LONGTEXT NOT NULL, name VARCHAR(80) NOT NULL, studio_id BINARY(16) NOT NULL, INDEX IDX_286451DD446F285F (studio_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('ALTER TABLE studio_design ADD CONSTRAINT FK_286451DD446F285F FOREIGN KEY (studio_id) REFERENCES studio (id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE studio_design');
        $this->addSql('ALTER TABLE quilt DROP loaded');
        $this->addSql('ALTER TABLE studio DROP practice');
    }
}

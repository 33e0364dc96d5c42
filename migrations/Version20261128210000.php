<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What the loads of a frame teach, what of it plans on that frame go by, and what a studio minds besides. */
final class Version20261128210000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE lesson (id BINARY(16) NOT NULL, frame_id BINARY(16) NOT NULL, kind VARCHAR(12) NOT NULL, about VARCHAR(60) NOT NULL, points JSON NOT NULL, value DOUBLE PRECISION DEFAULT NULL, agreed DOUBLE PRECISION DEFAULT NULL, declined TINYINT(1) NOT NULL, UNIQUE INDEX lesson_about (frame_id, kind, about), PRIMARY KEY(id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql('ALTER TABLE lesson ADD CONSTRAINT lesson_frame FOREIGN KEY (frame_id) REFERENCES studio_frame (id)');
        $this->addSql("ALTER TABLE studio_frame ADD taught JSON DEFAULT '{}' NOT NULL");
        $this->addSql('ALTER TABLE studio_frame ALTER taught DROP DEFAULT');
        $this->addSql("ALTER TABLE studio ADD pairs JSON DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE studio ALTER pairs DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE lesson');
        $this->addSql('ALTER TABLE studio_frame DROP taught');
        $this->addSql('ALTER TABLE studio DROP pairs');
    }
}

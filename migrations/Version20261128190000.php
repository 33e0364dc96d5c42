<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A photo knows how large it is, so that nobody has to read them all to tell what they take. */
final class Version20261128190000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE photo ADD bytes INT DEFAULT 0 NOT NULL');
        $this->addSql('UPDATE photo SET bytes = LENGTH(jpeg)');
        $this->addSql('ALTER TABLE photo ALTER bytes DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE photo DROP bytes');
    }
}

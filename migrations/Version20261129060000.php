<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A stamp that is another whenever anything of a studio is written: pages that were kept are shown as long as it is the same. */
final class Version20261129060000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        // Points to no studio: whoever stamps would wait for everybody who writes something that does.
        $this->addSql(
            'CREATE TABLE studio_change (studio_id BINARY(16) NOT NULL, stamp BINARY(8) NOT NULL, PRIMARY KEY(studio_id)) DEFAULT CHARACTER SET utf8mb4',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE studio_change');
    }
}

<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A line whenever anything of a studio is written: pages that were kept are shown as long as the lines are the same. */
final class Version20261129060000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        // A line each, and pointing to no studio: whoever writes waits for nobody else who does.
        $this->addSql(
            'CREATE TABLE studio_change (id BIGINT UNSIGNED AUTO_INCREMENT NOT NULL, studio_id BINARY(16) NOT NULL, lot INT UNSIGNED NOT NULL, INDEX studio_change_lots (studio_id, lot), PRIMARY KEY(id)) DEFAULT CHARACTER SET utf8mb4',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE studio_change');
    }
}

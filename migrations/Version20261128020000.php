<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Frames and persons have ways and distances of their own; a frame knows its machine, a person her reach. */
final class Version20261128020000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE person ADD reach BIGINT DEFAULT NULL, ADD sore_hands TINYINT DEFAULT 0 NOT NULL, ADD ways JSON DEFAULT '[]' NOT NULL, ADD distances JSON DEFAULT '[]' NOT NULL",
        );
        $this->addSql(
            'ALTER TABLE person CHANGE sore_hands sore_hands TINYINT NOT NULL, CHANGE ways ways JSON NOT NULL, CHANGE distances distances JSON NOT NULL',
        );
        $this->addSql(
            "ALTER TABLE studio_frame ADD levelled DATE DEFAULT NULL, ADD fittings JSON DEFAULT '[]' NOT NULL, ADD ways JSON DEFAULT '[]' NOT NULL, ADD distances JSON DEFAULT '[]' NOT NULL",
        );
        $this->addSql(
            'ALTER TABLE studio_frame CHANGE fittings fittings JSON NOT NULL, CHANGE ways ways JSON NOT NULL, CHANGE distances distances JSON NOT NULL',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE person DROP reach, DROP sore_hands, DROP ways, DROP distances');
        $this->addSql('ALTER TABLE studio_frame DROP levelled, DROP fittings, DROP ways, DROP distances');
    }
}

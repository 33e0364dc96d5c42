<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * A frame may begin with two measures; what stands in for others is marked. Frames of before were measured. Sign-up asks
 * for no name any more. What was promised of a quilt stands on the bench.
 */
final class Version20261128090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE studio_frame ADD assumed JSON NOT NULL DEFAULT '[]'");
        $this->addSql('ALTER TABLE studio_frame CHANGE assumed assumed JSON NOT NULL');
        $this->addSql('ALTER TABLE sign_up_waiting DROP name');
        $this->addSql("ALTER TABLE quilt ADD promises JSON NOT NULL DEFAULT '[]', ADD promised TINYINT NOT NULL DEFAULT 0");
        $this->addSql('ALTER TABLE quilt CHANGE promises promises JSON NOT NULL, CHANGE promised promised TINYINT NOT NULL');
        $this->addSql('CREATE INDEX quilt_promised ON quilt (studio_id, promised, finished, due)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE studio_frame DROP assumed');
        $this->addSql('DROP INDEX quilt_promised ON quilt');
        $this->addSql('ALTER TABLE quilt DROP promises, DROP promised');
        $this->addSql('ALTER TABLE sign_up_waiting ADD name VARCHAR(120) NOT NULL');
    }
}

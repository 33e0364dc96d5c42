<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * A photo knows how large it is, so that nobody has to read them all to tell what they take. Of queues: times that a load
 * of several told again are known as such, and what was written in another shape is written anew.
 */
final class Version20261128190000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE photo ADD bytes INT DEFAULT 0 NOT NULL');
        $this->addSql('UPDATE photo SET bytes = LENGTH(jpeg)');
        $this->addSql('ALTER TABLE photo ALTER bytes DROP DEFAULT');
        $this->addSql(
            "UPDATE run_times JOIN run ON run.id = run_times.run_id JOIN quilt ON quilt.id = run.quilt_id
                SET run_times.sums = JSON_SET(run_times.sums, '$.\"told again\"', 1) WHERE quilt.carrier_id IS NOT NULL",
        );
        $this->addSql("UPDATE bench_plan SET plan = '[]', worked = NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE photo DROP bytes');
    }
}

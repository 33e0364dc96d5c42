<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The order of the layers has a word that also says where the batting goes: what was chosen is kept under it. */
final class Version20261127230000 extends AbstractMigration
{
    private const KEPT_IN = ['revision' => 'sheet', 'run' => 'frozen', 'studio' => 'ways'];

    public function up(Schema $schema): void
    {
        $this->rename('backing-first', 'roll-then-gap');
    }

    public function down(Schema $schema): void
    {
        $this->rename('roll-then-gap', 'backing-first');
    }

    private function rename(string $from, string $to): void
    {
        foreach (self::KEPT_IN as $table => $column) {
            $this->addSql(
                "UPDATE $table SET $column = REPLACE($column, ?, ?) WHERE $column LIKE ?",
                ["\"$from\"", "\"$to\"", "%\"$from\"%"],
            );
        }
    }
}

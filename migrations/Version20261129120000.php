<?php

declare(strict_types=1);

namespace App\Migrations;

use App\Platform\Sought;
use Doctrine\DBAL\ParameterType;
use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Quilts are searched by what is written of them in small letters without accents. */
final class Version20261129120000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE quilt ADD title_sought VARCHAR(160) CHARACTER SET utf8mb4 DEFAULT '' NOT NULL COLLATE `utf8mb4_bin`, ADD client_sought VARCHAR(160) CHARACTER SET utf8mb4 DEFAULT '' NOT NULL COLLATE `utf8mb4_bin`",
        );
        foreach ($this->connection->fetchAllAssociative('SELECT id, title, client FROM quilt') as $quilt) {
            ['id' => $id, 'title' => $title, 'client' => $client] = $quilt;
            $this->addSql(
                'UPDATE quilt SET title_sought = ?, client_sought = ? WHERE id = ?',
                [Sought::in(\is_string($title) ? $title : ''), Sought::in(\is_string($client) ? $client : ''), $id],
                [ParameterType::STRING, ParameterType::STRING, ParameterType::BINARY],
            );
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE quilt DROP title_sought, DROP client_sought');
    }
}

<?php

declare(strict_types=1);

namespace App\Migrations;

use App\Account\Person;
use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Addresses and keys are compared letter by letter; tries are counted under a lock. Each address is kept in its one spelling; where two people had
 * spellings of the same, the later keeps hers, so that nobody is locked out.
 */
final class Version20261128040000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE person CHANGE email email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        $this->addSql('ALTER TABLE invitation CHANGE email email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        $this->addSql('ALTER TABLE log_entry CHANGE entry_key entry_key VARCHAR(36) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        $this->addSql('ALTER TABLE quilt CHANGE entry_key entry_key VARCHAR(36) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        $this->addSql('CREATE TABLE lock_keys (key_id VARCHAR(64) NOT NULL, key_token VARCHAR(44) NOT NULL, key_expiration INT UNSIGNED NOT NULL, PRIMARY KEY (key_id)) DEFAULT CHARACTER SET utf8mb4');
        $taken = [];
        foreach ($this->connection->fetchAllKeyValue('SELECT HEX(id), email FROM person ORDER BY id') as $id => $email) {
            $one = Person::spelling(\is_string($email) ? $email : '');
            if ('' !== $one && $one !== $email && !isset($taken[$one])) {
                $this->addSql('UPDATE person SET email = ? WHERE HEX(id) = ?', [$one, $id]);
            }
            $taken[$one] = true;
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE lock_keys');
        $this->addSql('ALTER TABLE person CHANGE email email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL');
        $this->addSql('ALTER TABLE invitation CHANGE email email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL');
        $this->addSql('ALTER TABLE log_entry CHANGE entry_key entry_key VARCHAR(36) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL');
        $this->addSql('ALTER TABLE quilt CHANGE entry_key entry_key VARCHAR(36) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL');
    }
}

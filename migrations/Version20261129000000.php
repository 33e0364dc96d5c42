<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The shelf: batting and what was cut out of it, thread, what quilts are stitched with, and pieces that hang. */
final class Version20261129000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE shelf_cut (id BINARY(16) NOT NULL, undone DATETIME DEFAULT NULL, over_nm BIGINT NOT NULL, off_nm BIGINT NOT NULL, length_nm BIGINT DEFAULT NULL, for_what VARCHAR(160) NOT NULL, person VARCHAR(120) NOT NULL, made DATETIME NOT NULL, entry_key VARCHAR(40) NOT NULL COLLATE `utf8mb4_bin`, batting_id BINARY(16) NOT NULL, quilt_id BINARY(16) DEFAULT NULL, INDEX IDX_403C2C257BB506A8 (batting_id), INDEX IDX_403C2C25B5EC5EDC (quilt_id), UNIQUE INDEX shelf_cut_entry (batting_id, entry_key), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE shelf_batting (id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, name VARCHAR(120) NOT NULL, kind VARCHAR(20) NOT NULL, is_roll TINYINT NOT NULL, width_nm BIGINT NOT NULL, length_nm BIGINT NOT NULL, loft_nm BIGINT DEFAULT NULL, opened DATETIME DEFAULT NULL, gone DATETIME DEFAULT NULL, entry_key VARCHAR(40) NOT NULL COLLATE `utf8mb4_bin`, number INT NOT NULL, came DATETIME NOT NULL, client_id BINARY(16) DEFAULT NULL, rest_of_id BINARY(16) DEFAULT NULL, studio_id BINARY(16) NOT NULL, INDEX IDX_3713397419EB6921 (client_id), INDEX IDX_371339745CCD7530 (rest_of_id), INDEX IDX_37133974446F285F (studio_id), INDEX shelf_batting_here (studio_id, gone, number), UNIQUE INDEX shelf_batting_number (studio_id, number), UNIQUE INDEX shelf_batting_entry (studio_id, entry_key), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE recipe (facts JSON NOT NULL, sandwich JSON NOT NULL, used_mm BIGINT DEFAULT 0 NOT NULL, settled DATETIME DEFAULT NULL, top_id BINARY(16) DEFAULT NULL, bobbin_id BINARY(16) DEFAULT NULL, photo_id BINARY(16) DEFAULT NULL, quilt_id BINARY(16) NOT NULL, INDEX IDX_DA88B137C82CB256 (top_id), INDEX IDX_DA88B13712997528 (bobbin_id), INDEX IDX_DA88B1377E9E4C8C (photo_id), PRIMARY KEY (quilt_id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE shelf_thread (id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, colour VARCHAR(80) NOT NULL, swatch VARCHAR(7) NOT NULL, tex DOUBLE PRECISION NOT NULL, full_mm BIGINT NOT NULL, left_mm BIGINT NOT NULL, gone DATETIME DEFAULT NULL, entry_key VARCHAR(40) NOT NULL COLLATE `utf8mb4_bin`, client_id BINARY(16) DEFAULT NULL, studio_id BINARY(16) NOT NULL, INDEX IDX_C7482D019EB6921 (client_id), INDEX IDX_C7482D0446F285F (studio_id), INDEX shelf_thread_here (studio_id, gone), UNIQUE INDEX shelf_thread_entry (studio_id, entry_key), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE shelf_cut ADD CONSTRAINT FK_403C2C257BB506A8 FOREIGN KEY (batting_id) REFERENCES shelf_batting (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE shelf_cut ADD CONSTRAINT FK_403C2C25B5EC5EDC FOREIGN KEY (quilt_id) REFERENCES quilt (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE shelf_batting ADD CONSTRAINT FK_3713397419EB6921 FOREIGN KEY (client_id) REFERENCES client (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE shelf_batting ADD CONSTRAINT FK_371339745CCD7530 FOREIGN KEY (rest_of_id) REFERENCES shelf_cut (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE shelf_batting ADD CONSTRAINT FK_37133974446F285F FOREIGN KEY (studio_id) REFERENCES studio (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE recipe ADD CONSTRAINT FK_DA88B137C82CB256 FOREIGN KEY (top_id) REFERENCES shelf_thread (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE recipe ADD CONSTRAINT FK_DA88B13712997528 FOREIGN KEY (bobbin_id) REFERENCES shelf_thread (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE recipe ADD CONSTRAINT FK_DA88B1377E9E4C8C FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE recipe ADD CONSTRAINT FK_DA88B137B5EC5EDC FOREIGN KEY (quilt_id) REFERENCES quilt (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE shelf_thread ADD CONSTRAINT FK_C7482D019EB6921 FOREIGN KEY (client_id) REFERENCES client (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE shelf_thread ADD CONSTRAINT FK_C7482D0446F285F FOREIGN KEY (studio_id) REFERENCES studio (id) ON DELETE CASCADE');
        $this->addSql("ALTER TABLE bench_plan ADD shelf JSON DEFAULT '{}' NOT NULL");
        $this->addSql('ALTER TABLE bench_plan ALTER shelf DROP DEFAULT');
        $this->addSql("ALTER TABLE run ADD hanging JSON DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE run ALTER hanging DROP DEFAULT');
        $this->addSql('ALTER TABLE studio ADD lends_pieces TINYINT DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE quilt ADD bobbin_tex DOUBLE PRECISION DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE bench_plan DROP shelf');
        $this->addSql('ALTER TABLE quilt DROP bobbin_tex');
        $this->addSql('ALTER TABLE studio DROP lends_pieces');
        $this->addSql('ALTER TABLE run DROP hanging');
        $this->addSql('DROP TABLE recipe');
        $this->addSql('DROP TABLE shelf_thread');
        $this->addSql('ALTER TABLE shelf_batting DROP FOREIGN KEY FK_371339745CCD7530');
        $this->addSql('DROP TABLE shelf_cut');
        $this->addSql('DROP TABLE shelf_batting');
    }
}

<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The measures of a frame in one place, and what holds the sides. */
final class Version20261127150000 extends AbstractMigration
{
    /** Each column and the word of its measure. */
    private const MEASURES = [
        'rail_nm' => 'rail',
        'unreachable_left_nm' => 'unreachable_left',
        'unreachable_right_nm' => 'unreachable_right',
        'throat_nm' => 'throat',
        'arm_clearance_nm' => 'arm_clearance',
        'takeup_diameter_nm' => 'takeup_diameter',
        'front_allowance_nm' => 'front_allowance',
        'back_allowance_nm' => 'back_allowance',
        'bed_span_nm' => 'bed_span',
        'leader_length_nm' => 'leader_length',
        'leader_width_nm' => 'leader_width',
    ];
    private const OPTIONAL = ['bed_span_nm', 'leader_length_nm', 'leader_width_nm'];

    public function up(Schema $schema): void
    {
        $pairs = implode(
            ', ',
            array_map(
                static fn(string $column, string $word): string => "'$word', $column",
                array_keys(self::MEASURES),
                self::MEASURES,
            ),
        );
        $this->addSql(
            "ALTER TABLE studio_frame ADD measures JSON DEFAULT '{}' NOT NULL, ADD side_clamps VARCHAR(10) DEFAULT " .
                'NULL',
        );
        // Patching an empty object leaves out what was not measured.
        $this->addSql("UPDATE studio_frame SET measures = JSON_MERGE_PATCH('{}', JSON_OBJECT($pairs))");
        $this->addSql(
            'ALTER TABLE studio_frame CHANGE measures measures JSON NOT NULL, ' .
                implode(
                    ', ',
                    array_map(static fn(string $column): string => "DROP $column", array_keys(self::MEASURES)),
                ),
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE studio_frame ' .
                implode(
                    ', ',
                    array_map(
                        static fn(string $column): string => "ADD $column BIGINT DEFAULT NULL",
                        array_keys(self::MEASURES),
                    ),
                ),
        );
        foreach (self::MEASURES as $column => $word) {
            $this->addSql("UPDATE studio_frame SET $column = JSON_VALUE(measures, '\$.$word')");
        }
        foreach (
            [
                'unreachable_left_nm' => 0,
                'unreachable_right_nm' => 0,
                'front_allowance_nm' => 76200000,
                'back_allowance_nm' => 76200000,
            ]
            as $column => $usual
        ) {
            $this->addSql("UPDATE studio_frame SET $column = $usual WHERE $column IS NULL");
        }
        $needed = array_diff(array_keys(self::MEASURES), self::OPTIONAL);
        $this->addSql(
            'ALTER TABLE studio_frame DROP measures, DROP side_clamps, ' .
                implode(
                    ', ',
                    array_map(static fn(string $column): string => "CHANGE $column $column BIGINT NOT NULL", $needed),
                ),
        );
    }
}

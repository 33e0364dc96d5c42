<?php

declare(strict_types=1);

namespace App\Account\Leaving;

use App\Account\Studio;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Symfony\Component\Uid\Ulid;

/**
 * All that the database keeps of one studio, table by table: what an export writes down, and what an erasure takes
 * away.
 */
final readonly class StudioRows
{
    private const QUILTS = 'quilt_id IN (SELECT id FROM quilt WHERE studio_id = :studio)';
    private const RUNS = 'run_id IN (SELECT run.id FROM run JOIN quilt ON quilt.id = run.quilt_id WHERE quilt.studio_id = :studio)';
    private const FRAMES = 'frame_id IN (SELECT id FROM studio_frame WHERE studio_id = :studio)';
    private const LEADERS = 'leader_id IN (SELECT studio_leader.id FROM studio_leader JOIN studio_frame ON studio_frame.id = frame_id WHERE studio_id = :studio)';
    private const PEOPLE = 'person_id IN (SELECT id FROM person WHERE studio_id = :studio)';
    private const SHELF = 'batting_id IN (SELECT id FROM shelf_batting WHERE studio_id = :studio)';
    private const STUDIO = 'studio_id = :studio';

    /** @var array<string, string> condition by table, each before what it points to, so that they can be taken away in this order */
    public const TABLES = [
        'recipe' => self::QUILTS,
        'proposal' => self::QUILTS,
        'job_link' => self::QUILTS,
        'client_message' => self::QUILTS,
        'run_times' => self::RUNS,
        'log_entry' => self::RUNS,
        'photo' => self::QUILTS,
        'photo_piece' => self::RUNS,
        'intake' => self::QUILTS,
        'quilt_facts' => self::QUILTS,
        'queue_pin' => self::QUILTS,
        'revision' => self::QUILTS,
        'run' => self::QUILTS,
        'shelf_cut' => self::SHELF,
        'shelf_batting' => self::STUDIO,
        'shelf_thread' => self::STUDIO,
        'quilt' => self::STUDIO,
        'client' => self::STUDIO,
        'leader_load' => self::LEADERS,
        'leader_inspection' => self::LEADERS,
        'studio_leader' => self::FRAMES,
        'studio_task' => self::FRAMES,
        'lesson' => self::FRAMES,
        'studio_frame' => self::STUDIO,
        'studio_design' => self::STUDIO,
        'studio_chore' => self::STUDIO,
        'studio_front' => self::STUDIO,
        'studio_hours' => self::STUDIO,
        'bench_plan' => self::STUDIO,
        'studio_transfer' => self::STUDIO,
        'training_round' => self::PEOPLE,
        'signed_in' => self::PEOPLE,
        'account_link' => self::PEOPLE,
        'invitation' => self::STUDIO,
        'letter' => self::STUDIO,
        'audit_entry' => self::STUDIO,
        'person' => self::STUDIO,
        'studio' => 'id = :studio',
    ];

    /** What opens doors leaves with nobody, and a photo is a file of its own. */
    private const LEFT_OUT = [
        'password_hash',
        'second_step',
        'code_taken',
        'recovery_codes',
        'secret_hash',
        'session_id',
        'series',
        'jpeg',
        'small',
        'text_so_far',
        'link_hash',
    ];

    /** A letter with a link in it is for whom it is written to. */
    private const ONLY = ['letter' => ' AND until IS NULL'];

    public function __construct(private Connection $database) {}

    /** @return iterable<array<string, mixed>> */
    public function of(Studio $studio, string $table): iterable
    {
        $types = array_diff_key($this->columns($table), array_flip(self::LEFT_OUT));
        $documents = $this->documents($table);
        $wanted = implode(', ', array_map(static fn(string $column): string => "`$column`", array_keys($types)));
        $rows = $this->database->iterateAssociative(
            "SELECT $wanted FROM `$table` WHERE " . self::TABLES[$table] . (self::ONLY[$table] ?? '') . ' ORDER BY 1',
            ['studio' => $studio->id()->toBinary()],
        );
        foreach ($rows as $row) {
            foreach ($row as $column => $value) {
                $row[$column] = self::readable($value, $types[$column] ?? '', \in_array($column, $documents, true));
            }
            yield $row;
        }
    }

    public function erase(Studio $studio): void
    {
        $parameters = ['studio' => $studio->id()->toBinary()];
        $this->database->transactional(function () use ($parameters): void {
            $emails = $this->database->fetchFirstColumn(
                'SELECT email FROM person WHERE studio_id = :studio',
                $parameters,
            );
            $this->database->executeStatement(
                'DELETE FROM sessions WHERE sess_id IN (SELECT session_id FROM signed_in WHERE ' . self::PEOPLE . ')',
                $parameters,
            );
            $this->database->executeStatement(
                'DELETE FROM rememberme_token WHERE username IN (:emails)',
                ['emails' => $emails],
                ['emails' => ArrayParameterType::STRING],
            );
            // A quilt and its revisions point to each other.
            $this->database->executeStatement(
                'UPDATE quilt SET revision_id = NULL WHERE studio_id = :studio',
                $parameters,
            );
            $this->database->executeStatement('DELETE FROM studio_change WHERE studio_id = :studio', $parameters);
            foreach (self::TABLES as $table => $condition) {
                $this->database->executeStatement("DELETE FROM `$table` WHERE $condition", $parameters);
            }
        });
    }

    /** @return array<string, string> type by name, in their order */
    public function columns(string $table): array
    {
        /** @var array<string, string> $columns */
        $columns = $this->database->fetchAllKeyValue(
            'SELECT column_name, data_type FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ? ORDER BY ordinal_position',
            [$table],
        );

        return $columns;
    }

    /** @return list<string> the columns that hold JSON: MariaDB keeps it as long text that it checks */
    public function documents(string $table): array
    {
        $clauses = $this->database->fetchFirstColumn(
            "SELECT check_clause FROM information_schema.check_constraints
                WHERE constraint_schema = DATABASE() AND table_name = ? AND check_clause LIKE 'json_valid(%'",
            [$table],
        );

        return array_values(
            array_filter(
                array_map(
                    static fn(mixed $clause): string => \is_string($clause)
                        ? trim(substr($clause, \strlen('json_valid(')), '`)')
                        : '',
                    $clauses,
                ),
            ),
        );
    }

    private static function readable(mixed $value, string $type, bool $isDocument): mixed
    {
        return match (true) {
            !\is_string($value) => $value,
            'binary' === $type => (string) Ulid::fromBinary($value),
            // Objects stay objects, so that an empty one is not read back as a list.
            $isDocument => json_decode($value),
            default => $value,
        };
    }
}

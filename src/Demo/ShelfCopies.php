<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\Studio;
use Doctrine\DBAL\Connection;
use Symfony\Component\Uid\Ulid;

/** Fills a shelf by copying the quilts that are on it, row by row, for measuring speed. */
final readonly class ShelfCopies
{
    public function __construct(private Connection $connection) {}

    /** @param int $wanted how many copies; none where it is not positive */
    public function fill(Studio $studio, int $wanted): void
    {
        $originals = $this->connection->fetchFirstColumn(
            'SELECT id FROM quilt WHERE studio_id = ? AND finished IS NULL ORDER BY due, id',
            [$studio->id()->toBinary()],
        );
        for ($copy = 0; $copy < $wanted; ++$copy) {
            $this->copy(
                $originals[$copy % \count($originals)],
                1 + intdiv($copy, \count($originals)),
                \sprintf('demo-copy-of-quilt-%d', $copy),
            );
        }
    }

    /** Says of all but so many that wait, those that are due first, that they are finished. */
    public function finish(Studio $studio, int $waiting): void
    {
        $this->connection->executeStatement(
            'UPDATE quilt SET finished = due WHERE studio_id = ? AND finished IS NULL AND loaded IS NULL AND id NOT IN (
                SELECT id FROM (
                    SELECT id FROM quilt WHERE studio_id = ? AND finished IS NULL AND loaded IS NULL
                    ORDER BY due, id LIMIT ' .
                max(1, $waiting) .
                '
                ) AS waiting
            )',
            [$studio->id()->toBinary(), $studio->id()->toBinary()],
        );
    }

    private function copy(mixed $original, int $round, string $key): void
    {
        $id = (new Ulid())->toBinary();
        $this->connection->executeStatement(
            'INSERT INTO quilt (
                id, title, title_sought, client, client_sought, due, standing, verdict_in, verdict_cm, promises, promised, entry_key, frame_id, studio_id, number, number_year, whose_id, brought
            ) SELECT
                ?, CONCAT(title, ?), CONCAT(title_sought, ?), client, client_sought, DATE_ADD(due, INTERVAL ? DAY),
                standing, verdict_in, verdict_cm, promises, promised, ?, frame_id, studio_id, number + ?, number_year, whose_id, brought
            FROM quilt WHERE id = ?',
            [$id, ' ' . ($round + 1), ' ' . ($round + 1), $round, $key, 1000 * $round, $original],
        );
        $this->connection->executeStatement(
            'INSERT INTO revision (sheet, place, quilt_id) SELECT sheet, place, ? FROM revision WHERE quilt_id = ?',
            [$id, $original],
        );
        $this->connection->executeStatement(
            'UPDATE quilt SET revision_id = (SELECT MAX(id) FROM revision WHERE quilt_id = ?) WHERE id = ?',
            [$id, $id],
        );
    }
}

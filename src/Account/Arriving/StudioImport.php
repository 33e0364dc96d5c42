<?php

declare(strict_types=1);

namespace App\Account\Arriving;

use App\Account\Leaving\StudioRows;
use App\Account\Person;
use App\AtTheFrame\PhotoMaker;
use App\Bench\Plan\QueueChanges;
use App\Clients\Client;
use App\Clients\ClientBook;
use App\Frames\StudioFrame;
use App\Quilt\Quilt;
use App\Shelf\Batting\ShelfBatting;
use App\Shelf\Thread\ShelfThread;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseException;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Uid\Ulid;

/**
 * Takes the export of a studio into one that is empty: the same quilts, logs, frames and people, with new numbers.
 *
 * All or nothing. Who signs in, devices, links and letters with links are not in an export; whoever takes it in owns
 * it.
 */
final readonly class StudioImport
{
    /** Worked out anew, or somebody's own. */
    private const LEFT = [
        'studio',
        'person',
        'signed_in',
        'account_link',
        'invitation',
        'audit_entry',
        'bench_plan',
        'quilt_facts',
        'photo_piece',
        'job_link',
        'studio_transfer',
    ];
    /** Point to rows that come later: written once those are there. */
    private const LATER = ['quilt' => ['revision_id', 'carrier_id'], 'shelf_batting' => ['rest_of_id']];
    private const LOOKED_AT = [
        Quilt::class,
        StudioFrame::class,
        Client::class,
        ShelfBatting::class,
        ShelfThread::class,
    ];
    /** Taken over from the studio's own row. */
    private const OF_THE_STUDIO = ['practice', 'ways', 'words', 'units', 'time_zone', 'lends_pieces'];
    /** Columns that hold the whole number of another table's row. */
    private const COUNTED = ['run_times.last' => 'log_entry', 'quilt.revision_id' => 'revision'];

    public function __construct(
        private Connection $database,
        private StudioRows $rows,
        private PhotoMaker $photos,
        private ClientBook $clients,
        private QueueChanges $queue,
        private EntityManagerInterface $entities,
    ) {}

    /** Whether there is nothing yet that an archive could be mixed up with. */
    public function mayArrive(Person $owner): bool
    {
        foreach (['quilt', 'studio_frame', 'client', 'studio_design'] as $table) {
            $count = $this->database->fetchOne("SELECT COUNT(*) FROM $table WHERE studio_id = ?", [
                $owner->studio()->id()->toBinary(),
            ]);
            if (!is_numeric($count) || (int) $count > 0) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param \Closure(int): void $progress told how many of a hundred parts are done
     *
     * @throws UnreadableArchive also where the studio is not empty: asked for twice, it is taken in once
     */
    public function take(Person $owner, StudioArchive $archive, \Closure $progress): void
    {
        $tables = array_values(array_diff(array_reverse(array_keys(StudioRows::TABLES)), self::LEFT));
        $numbers = $this->meet($archive, $tables, $owner);
        try {
            $this->database->transactional(function () use ($owner, $archive, $tables, $numbers, $progress): void {
                $this->database->fetchOne('SELECT id FROM studio WHERE id = ? FOR UPDATE', [
                    $owner->studio()->id()->toBinary(),
                ]);
                if (!$this->mayArrive($owner)) {
                    throw new UnreadableArchive('This studio is not empty.');
                }
                $counted = [];
                foreach ($tables as $at => $table) {
                    $counted[$table] = $this->fill($table, $owner, $archive, $numbers, $counted);
                    $progress((int) round((100 * ($at + 1)) / (\count($tables) + 1)));
                }
                $this->later($archive, $numbers, $counted);
                $this->studio($owner, $archive);
                $this->look($owner);
            });
        } catch (DatabaseException $exception) {
            throw new UnreadableArchive(
                'A record in it does not fit: ' . mb_substr($exception->getPrevious()?->getMessage() ?? '', 0, 200),
                previous: $exception,
            );
        }
        $this->entities->clear();
        $this->nameClients($owner);
        $this->queue->ask($owner->studio()->id());
        $progress(100);
    }

    /** @param list<string> $tables */
    private function meet(StudioArchive $archive, array $tables, Person $owner): NewNumbers
    {
        $numbers = new NewNumbers();
        foreach ($tables as $table) {
            foreach ($archive->rows($table) as $row) {
                $id = $row['id'] ?? null;
                if (\is_string($id) && Ulid::isValid($id)) {
                    $numbers->meet($id);
                }
            }
        }
        foreach (['studio' => $owner->studio()->id(), 'person' => $owner->id()] as $table => $own) {
            foreach ($archive->rows($table) as $row) {
                $id = $row['id'] ?? null;
                if (\is_string($id)) {
                    $numbers->know($id, (string) $own);
                }
            }
        }

        return $numbers;
    }

    /**
     * @param array<string, array<int, int>> $counted
     *
     * @return array<int, int> the new whole numbers by the old, of a table that counts its rows
     */
    private function fill(
        string $table,
        Person $owner,
        StudioArchive $archive,
        NewNumbers $numbers,
        array $counted,
    ): array {
        $columns = $this->rows->columns($table);
        $documents = $this->rows->documents($table);
        $isCounted = 'binary' !== ($columns['id'] ?? 'binary');
        $new = [];
        foreach ($archive->rows($table) as $line => $row) {
            $unknown = array_diff_key($row, $columns);
            if ([] !== $unknown) {
                throw new UnreadableArchive(
                    \sprintf(
                        'Line %d of records/%s.jsonl has a member that is not known: %s.',
                        $line,
                        $table,
                        mb_substr((string) array_key_first($unknown), 0, 40),
                    ),
                );
            }
            if ('photo' === $table && null === ($row = $this->withPicture($row, $archive, $numbers))) {
                continue;
            }
            $values = [];
            foreach ($row as $column => $value) {
                $values[$column] = match (true) {
                    \in_array($column, self::LATER[$table] ?? [], true) => null,
                    'studio_id' === $column => $owner->studio()->id()->toBinary(),
                    'person_id' === $column => $owner->id()->toBinary(),
                    isset(self::COUNTED["$table.$column"]) && is_numeric($value) => $counted[
                        self::COUNTED["$table.$column"]
                    ][(int) $value] ?? 0,
                    'binary' === $columns[$column] => $this->number($value, $numbers, $table, $line),
                    \in_array($column, $documents, true) => $numbers->in(
                        json_encode($value, \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR),
                    ),
                    'jpeg' === $column, null === $value, is_numeric($value) && !\is_string($value) => $value,
                    // A key may name a record; what somebody wrote stays as it was written.
                    \is_string($value) => 'varchar' === $columns[$column] ? $numbers->in($value) : $value,
                    // The first version read texts that looked like JSON as such.
                    default => json_encode($value),
                };
            }
            $old = $isCounted && is_numeric($row['id'] ?? null) ? (int) $row['id'] : 0;
            if ($isCounted) {
                unset($values['id']);
            }
            if ('studio_front' === $table) {
                // An address is of one studio only, and nothing is open that its owner did not open here.
                [$values['word'], $values['calculates'], $values['listens']] = [null, 0, 0];
            }
            if ('recipe' === $table && null !== $values['photo_id']) {
                // A picture that is none was left out above.
                $values['photo_id'] =
                    $this->database->fetchOne('SELECT id FROM photo WHERE id = ?', [$values['photo_id']]) ?: null;
            }
            $this->database->insert($table, $this->quoted($values));
            if ($isCounted) {
                $new[$old] = (int) $this->database->lastInsertId();
            }
        }

        return $new;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>|null null where its picture is not in the archive, or is none
     */
    private function withPicture(array $row, StudioArchive $archive, NewNumbers $numbers): ?array
    {
        $jpeg = $archive->photo(\is_string($row['id'] ?? null) ? $row['id'] : '');
        if (null === $jpeg || null !== $this->photos->fault($jpeg)) {
            return null;
        }
        [$row['jpeg'], $row['bytes']] = [$jpeg, \strlen($jpeg)];
        if (!isset($row['quilt_id']) && \is_string($row['run_id'] ?? null)) {
            // Of the version in which a photo was of a run alone.
            $run = $numbers->of($row['run_id']);
            $quilt =
                null === $run
                    ? false
                    : $this->database->fetchOne('SELECT quilt_id FROM run WHERE id = ?', [
                        Ulid::fromString($run)->toBinary(),
                    ]);
            if (!\is_string($quilt)) {
                return null;
            }
            $here = (string) Ulid::fromBinary($quilt);
            $numbers->know($here, $here);
            $row['quilt_id'] = $here;
        }

        return $row;
    }

    /** @throws UnreadableArchive where it points to what is not in the archive: never out into another studio */
    private function number(mixed $value, NewNumbers $numbers, string $table, int $line): ?string
    {
        if (null === $value) {
            return null;
        }
        $new = \is_string($value) ? $numbers->of($value) : null;
        if (null === $new) {
            throw new UnreadableArchive(
                "Line $line of records/$table.jsonl points to something that is not in the archive.",
            );
        }

        return Ulid::fromString($new)->toBinary();
    }

    /** @param array<string, array<int, int>> $counted */
    private function later(StudioArchive $archive, NewNumbers $numbers, array $counted): void
    {
        foreach (self::LATER as $table => $columns) {
            foreach ($archive->rows($table) as $line => $row) {
                $values = [];
                foreach ($columns as $column) {
                    $value = $row[$column] ?? null;
                    $of = self::COUNTED["$table.$column"] ?? null;
                    $values[$column] = match (true) {
                        null === $of => $this->number($value, $numbers, $table, $line),
                        is_numeric($value) => $counted[$of][(int) $value] ?? null,
                        default => null,
                    };
                }
                if ([] !== array_filter($values, static fn(mixed $value): bool => null !== $value)) {
                    $id = $this->number($row['id'] ?? null, $numbers, $table, $line);
                    $this->database->update($table, $values, ['id' => $id]);
                }
            }
        }
    }

    /** Reads what was written as the pages will: what no page could show does not stay. */
    private function look(Person $owner): void
    {
        foreach (self::LOOKED_AT as $record) {
            $all = $this->entities
                ->createQuery("SELECT r FROM $record r WHERE r.studio = :studio")
                ->setParameter('studio', $owner->studio()->id(), 'ulid')
                ->toIterable();
            try {
                foreach ($all as $one) {
                    if ($one instanceof StudioFrame) {
                        $one->measures();
                    } elseif ($one instanceof ShelfThread) {
                        $one->weight();
                    }
                }
            } catch (\Throwable $wrong) {
                throw new UnreadableArchive('A record in it says what cannot be.', previous: $wrong);
            }
        }
    }

    private function studio(Person $owner, StudioArchive $archive): void
    {
        foreach ($archive->rows('studio') as $row) {
            if (
                null === UnitSystem::tryFrom(\is_string($row['units'] ?? null) ? $row['units'] : '') ||
                !\in_array($row['time_zone'] ?? null, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)
            ) {
                throw new UnreadableArchive('The studio in it has no units, or a clock that is nowhere.');
            }
            foreach (self::OF_THE_STUDIO as $column) {
                if (isset($row[$column])) {
                    $value = \is_string($row[$column])
                        ? $row[$column]
                        : json_encode($row[$column], \JSON_PRESERVE_ZERO_FRACTION);
                    $this->database->executeStatement("UPDATE studio SET $column = ?, seen = seen + 1 WHERE id = ?", [
                        $value,
                        $owner->studio()->id()->toBinary(),
                    ]);
                }
            }
        }
    }

    /** Quilts of the version in which a client was a name alone. */
    private function nameClients(Person $owner): void
    {
        $studio = $this->entities->find($owner->studio()::class, $owner->studio()->id());
        $nameless = $this->database->fetchFirstColumn(
            'SELECT DISTINCT client FROM quilt WHERE studio_id = ? AND whose_id IS NULL AND entry_key NOT LIKE ? AND client <> ?',
            [$owner->studio()->id()->toBinary(), Quilt::GANG . '%', Client::REMOVED],
        );
        foreach ($nameless as $name) {
            if (null !== $studio && \is_string($name) && '' !== trim($name)) {
                $this->database->executeStatement(
                    'UPDATE quilt SET whose_id = ? WHERE studio_id = ? AND client = ? AND entry_key NOT LIKE ?',
                    [
                        $this->clients->named($studio, $name)->id()->toBinary(),
                        $studio->id()->toBinary(),
                        $name,
                        Quilt::GANG . '%',
                    ],
                );
            }
        }
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    private function quoted(array $values): array
    {
        return array_combine(array_map(static fn(string $name): string => "`$name`", array_keys($values)), $values);
    }
}

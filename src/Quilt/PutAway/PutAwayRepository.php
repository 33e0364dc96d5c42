<?php

declare(strict_types=1);

namespace App\Quilt\PutAway;

use App\Account\Studio;
use App\Frames\StudioFrame;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Ulid;

/** Quilts and frames that were deleted or put away. */
final readonly class PutAwayRepository
{
    /** So long a deletion can be undone. */
    public const DAYS = 30;
    private const MOST = 200;

    public function __construct(private EntityManagerInterface $entities) {}

    /**
     * @template T of Quilt|StudioFrame
     *
     * @param class-string<T> $of
     *
     * @return list<T> those that were deleted, the last first
     */
    public function findDeleted(Studio $studio, string $of): array
    {
        /** @var list<T> $found */
        $found = $this->seeing(
            fn(): mixed => $this->entities
                ->createQueryBuilder()
                ->select('d')
                ->from($of, 'd')
                ->where('d.studio = :studio AND d.deleted IS NOT NULL')
                ->setParameter('studio', $studio->id(), 'ulid')
                ->orderBy('d.deleted', 'DESC')
                ->setMaxResults(self::MOST)
                ->getQuery()
                ->getResult(),
        );

        return $found;
    }

    /**
     * @template T of Quilt|StudioFrame
     *
     * @param class-string<T> $of
     *
     * @return T|null
     */
    public function findOneDeleted(Studio $studio, string $of, Ulid $id): Quilt|StudioFrame|null
    {
        foreach ($this->findDeleted($studio, $of) as $deleted) {
            if ($deleted->id()->equals($id)) {
                return $deleted;
            }
        }

        return null;
    }

    /** @return list<Quilt> that are put away, the last first */
    public function findArchived(Studio $studio): array
    {
        /** @var list<Quilt> $found */
        $found = $this->entities
            ->createQueryBuilder()
            ->select('q')
            ->from(Quilt::class, 'q')
            ->where('q.studio = :studio AND q.archived IS NOT NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('q.archived', 'DESC')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return $found;
    }

    /** Whether any quilt is or was meant for this frame, a deleted one too. */
    public function isUsed(StudioFrame $frame): bool
    {
        return 0 <
            (int) $this->seeing(
                fn(): mixed => $this->entities
                    ->createQueryBuilder()
                    ->select('COUNT(q.id)')
                    ->from(Quilt::class, 'q')
                    ->where('q.frame = :frame')
                    ->setParameter('frame', $frame->id(), 'ulid')
                    ->getQuery()
                    ->getSingleScalarResult(),
            );
    }

    public function save(): void
    {
        $this->entities->flush();
    }

    /** @return int how many quilts and frames are gone for good, with all that belonged to them */
    public function purge(\DateTimeImmutable $before): int
    {
        $database = $this->entities->getConnection();
        $day = $before->format('Y-m-d H:i:s');

        return $database->transactional(static function () use ($database, $day): int {
            $quilts = 'SELECT id FROM quilt WHERE deleted < ?';
            $runs = "SELECT id FROM run WHERE quilt_id IN ($quilts)";
            $database->executeStatement('UPDATE quilt SET revision_id = NULL WHERE deleted < ?', [$day]);
            foreach (['run_times', 'log_entry', 'photo_piece'] as $table) {
                $database->executeStatement("DELETE FROM $table WHERE run_id IN ($runs)", [$day]);
            }
            foreach (
                [
                    'proposal',
                    'job_link',
                    'client_message',
                    'photo',
                    'intake',
                    'quilt_facts',
                    'queue_pin',
                    'revision',
                    'run',
                ]
                as $table
            ) {
                $database->executeStatement("DELETE FROM $table WHERE quilt_id IN ($quilts)", [$day]);
            }
            $frames = 'SELECT id FROM studio_frame WHERE deleted < ?';
            $leaders = "SELECT id FROM studio_leader WHERE frame_id IN ($frames)";
            foreach (['leader_load', 'leader_inspection'] as $table) {
                $database->executeStatement("DELETE FROM $table WHERE leader_id IN ($leaders)", [$day]);
            }
            foreach (['studio_leader', 'studio_task', 'lesson', 'queue_pin'] as $table) {
                $database->executeStatement("DELETE FROM $table WHERE frame_id IN ($frames)", [$day]);
            }

            return (int) $database->executeStatement('DELETE FROM quilt WHERE deleted < ?', [$day]) +
                (int) $database->executeStatement('DELETE FROM studio_frame WHERE deleted < ?', [$day]);
        });
    }

    /**
     * With what was deleted in the answer.
     *
     * @template T
     *
     * @param \Closure(): T $question
     *
     * @return T
     */
    private function seeing(\Closure $question): mixed
    {
        $this->entities->getFilters()->suspend('deleted');
        try {
            return $question();
        } finally {
            $this->entities->getFilters()->restore('deleted');
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Frames\Taught;

use App\Frames\StudioFrame;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<Lesson> */
final class LessonRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 100;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Lesson::class);
    }

    /** @return list<Lesson> that have anything to say */
    public function findOf(StudioFrame $frame): array
    {
        return array_values(
            array_filter(
                $this->findBy(['frame' => $frame], ['kind' => 'ASC', 'about' => 'ASC'], self::MOST),
                static fn(Lesson $lesson): bool => [] !== $lesson->points(),
            ),
        );
    }

    public function findOneOf(StudioFrame $frame, Ulid $id): ?Lesson
    {
        return $this->findOneBy(['frame' => $frame, 'id' => $id]);
    }

    /** The lesson, or a new one that is kept with the next save. */
    public function about(StudioFrame $frame, LessonKind $kind, string $about): Lesson
    {
        $known = $this->findOneBy(['frame' => $frame, 'kind' => $kind, 'about' => $about]);
        if (null !== $known) {
            return $known;
        }
        $lesson = new Lesson($frame, $kind, $about);
        $this->getEntityManager()->persist($lesson);

        return $lesson;
    }
}

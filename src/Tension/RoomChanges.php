<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Studio;
use App\AtTheFrame\LogEntry;
use App\AtTheFrame\Run;
use App\Frames\StudioFrame;
use App\Platform\Written;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Event\PostFlushEventArgs;
use Doctrine\ORM\Events;
use Doctrine\ORM\UnitOfWork;
use Schwung\Core\Running\EntryKind;

/**
 * Counts for each studio what changes its room of tension, so that nothing old is shown, on whatever server it was
 * kept.
 */
#[AsDoctrineListener(Events::onFlush)]
#[AsDoctrineListener(Events::postFlush)]
final class RoomChanges
{
    private const TOLD = [EntryKind::Problem, EntryKind::Fixed, EntryKind::Correction];

    /** @var array<string, Studio> by id, until what was flushed is there to be read */
    private array $changed = [];

    public function onFlush(OnFlushEventArgs $flush): void
    {
        $work = $flush->getObjectManager()->getUnitOfWork();
        foreach (Written::by($work) as $entity) {
            $studio = $this->studio($entity, $work);
            if (null !== $studio) {
                $this->changed[(string) $studio->id()] = $studio;
            }
        }
    }

    public function postFlush(PostFlushEventArgs $flush): void
    {
        [$changed, $this->changed] = [$this->changed, []];
        foreach ($changed as $studio) {
            $flush
                ->getObjectManager()
                ->getConnection()
                ->executeStatement('UPDATE studio SET seen = seen + 1 WHERE id = ?', [$studio->id()->toBinary()]);
        }
    }

    /** Null where the room does not change. */
    private function studio(object $entity, UnitOfWork $work): ?Studio
    {
        return match (true) {
            $entity instanceof LogEntry => \in_array($entity->entry()->kind, self::TOLD, true)
                ? $entity->run->quilt->studio
                : null,
            $entity instanceof Run => $entity->quilt->studio,
            $entity instanceof StudioFrame => $entity->studio,
            $entity instanceof Quilt => [] ===
            array_intersect_key($work->getEntityChangeSet($entity), ['title' => 1, 'frame' => 1])
                ? null
                : $entity->studio,
            $entity instanceof Studio => [] === array_intersect_key($work->getEntityChangeSet($entity), ['words' => 1])
                ? null
                : $entity,
            default => null,
        };
    }
}

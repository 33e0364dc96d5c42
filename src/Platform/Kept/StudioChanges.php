<?php

declare(strict_types=1);

namespace App\Platform\Kept;

use App\Account\Studio;
use App\Platform\Written;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Symfony\Component\Uid\Ulid;
use Symfony\Contracts\Service\ResetInterface;

/**
 * Puts another stamp on a studio whenever anything of it is written: after it can be read, so that who reads the stamp
 * first and the records then never keeps old ones under a new stamp. Stamps are drawn by lot, since a database that is
 * restored from a backup would count the same numbers again.
 */
#[AsDoctrineListener(Events::onFlush)]
#[AsDoctrineListener(Events::postFlush, priority: -100)]
final class StudioChanges implements ResetInterface
{
    /** @var array<string, Ulid> studios of which something is being written */
    private array $written = [];

    public function __construct(private readonly Connection $database, private readonly StudioOf $studioOf) {}

    public function onFlush(OnFlushEventArgs $flush): void
    {
        $entities = $flush->getObjectManager();
        foreach (Written::by($entities->getUnitOfWork()) as $record) {
            $studio = $this->studioOf->find($record, $entities);
            if (null !== $studio) {
                $this->written[(string) $studio->id()] = $studio->id();
            }
        }
    }

    public function postFlush(): void
    {
        [$written, $this->written] = [$this->written, []];
        foreach ($written as $studio) {
            $this->stamp($studio);
        }
    }

    /** Something was written past the records. */
    public function stamp(Ulid $studio): void
    {
        $this->database->executeStatement(
            'INSERT INTO studio_change (studio_id, stamp) VALUES (?, ?) ON DUPLICATE KEY UPDATE stamp = VALUES(stamp)',
            [$studio->toBinary(), random_bytes(8)],
            [ParameterType::BINARY, ParameterType::BINARY],
        );
    }

    public function stampOf(Studio $studio): string
    {
        $stamp = $this->database->fetchOne(
            'SELECT HEX(stamp) FROM studio_change WHERE studio_id = ?',
            [$studio->id()->toBinary()],
            [ParameterType::BINARY],
        );

        return \is_string($stamp) ? $stamp : '';
    }

    public function reset(): void
    {
        $this->written = [];
    }
}

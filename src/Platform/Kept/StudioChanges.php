<?php

declare(strict_types=1);

namespace App\Platform\Kept;

use App\Account\Studio;
use App\Platform\Written;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Symfony\Component\Uid\Ulid;
use Symfony\Contracts\Service\ResetInterface;

/**
 * Stamps a studio whenever anything of it is written: after what is written, and in the same transaction where there
 * is one, so that who reads the stamp first and the records then never keeps old ones under a new stamp. Each stamp
 * is a line of its own, for which nobody waits; lots are drawn, since a restored database would count the same
 * numbers again.
 */
#[AsDoctrineListener(Events::onFlush)]
#[AsDoctrineListener(Events::postFlush, priority: -100)]
final class StudioChanges implements ResetInterface
{
    private const LOTS = 4_294_967_295;
    private const MANY = 500;

    /** @var array<string, Ulid> studios of which something is being written */
    private array $written = [];
    /** @var array<class-string, bool> */
    private array $isShown = [];

    public function __construct(private readonly Connection $database, private readonly StudioOf $studioOf) {}

    public function onFlush(OnFlushEventArgs $flush): void
    {
        $entities = $flush->getObjectManager();
        foreach (Written::by($entities->getUnitOfWork()) as $record) {
            $isShown = $this->isShown[$record::class] ??=
                [] === (new \ReflectionClass($record))->getAttributes(ShownOnNoKeptPage::class);
            $studio = $isShown ? $this->studioOf->find($record, $entities) : null;
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
            'INSERT INTO studio_change (studio_id, lot) VALUES (?, ?)',
            [$studio->toBinary(), random_int(0, self::LOTS)],
            [ParameterType::BINARY, ParameterType::INTEGER],
        );
    }

    /** All its stamps in one word. */
    public function stampOf(Studio $studio): string
    {
        $stamps = $this->database->fetchOne(
            "SELECT CONCAT(COUNT(*), ' ', COALESCE(SUM(lot), 0)) FROM studio_change WHERE studio_id = ?",
            [$studio->id()->toBinary()],
            [ParameterType::BINARY],
        );

        return \is_string($stamps) ? $stamps : '';
    }

    /** Puts one new stamp in the place of many old ones. */
    public function tidy(): int
    {
        $taken = 0;
        $many = $this->database->fetchFirstColumn(
            'SELECT studio_id FROM studio_change GROUP BY studio_id HAVING COUNT(*) > ' . self::MANY,
        );
        foreach ($many as $studio) {
            $ids = $this->database->fetchFirstColumn('SELECT id FROM studio_change WHERE studio_id = ?', [$studio]);
            $this->stamp(Ulid::fromBinary(\is_string($studio) ? $studio : ''));
            foreach (array_chunk($ids, self::MANY) as $some) {
                $taken += (int) $this->database->executeStatement(
                    'DELETE FROM studio_change WHERE id IN (?)',
                    [$some],
                    [ArrayParameterType::INTEGER],
                );
            }
        }

        return $taken;
    }

    public function reset(): void
    {
        $this->written = [];
    }
}

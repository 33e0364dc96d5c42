<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\ORM\EntityManagerInterface;

/** A repository writes as well as it finds, so that nobody else needs to know how records are kept. */
trait KeepsRecords
{
    abstract protected function getEntityManager(): EntityManagerInterface;

    /** Writes a record that may be new, and with it everything that was changed. */
    public function keep(object $record): void
    {
        $this->getEntityManager()->persist($record);
        $this->save();
    }

    /** Writes everything that was changed. */
    public function save(): void
    {
        $this->getEntityManager()->flush();
    }

    public function drop(object $record): void
    {
        $this->getEntityManager()->remove($record);
        $this->save();
    }
}

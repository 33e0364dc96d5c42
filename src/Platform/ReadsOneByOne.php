<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\QueryBuilder;

/** A repository hands out very many records one after the other; none of them stays in memory. */
trait ReadsOneByOne
{
    abstract protected function getEntityManager(): EntityManagerInterface;

    /**
     * @template T of object
     *
     * @param class-string<T> $class what the query selects
     *
     * @return iterable<T>
     */
    private function oneByOne(QueryBuilder $query, string $class): iterable
    {
        foreach ($query->getQuery()->toIterable() as $record) {
            \assert($record instanceof $class);
            yield $record;
            $this->getEntityManager()->detach($record);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\ORM\Query\Filter\SQLFilter;

/** Whatever was deleted is in no answer of the database, wherever it is asked, until somebody undoes that. */
final class DeletedFilter extends SQLFilter
{
    public function addFilterConstraint(ClassMetadata $targetEntity, string $targetTableAlias): string
    {
        return $targetEntity->hasField('deleted') ? "$targetTableAlias.deleted IS NULL" : '';
    }
}

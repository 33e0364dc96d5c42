<?php

declare(strict_types=1);

namespace App\Platform\Kept;

use App\Account\Studio;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;

/** Finds whose a record is by what it points to, so that no kind of record can be forgotten. */
final class StudioOf
{
    /** From one record to the next there are at most so many steps. */
    private const STEPS = 4;

    /** @var array<class-string, list<string>> fields that point to a record, by class; one that points to the studio first */
    private array $fields = [];

    public function find(object $record, EntityManagerInterface $entities, int $steps = self::STEPS): ?Studio
    {
        if ($record instanceof Studio || 0 === $steps) {
            return $record instanceof Studio ? $record : null;
        }
        $class = $entities->getClassMetadata($record::class);
        foreach ($this->fields[$class->name] ??= self::pointing($class) as $field) {
            $next = $class->getFieldValue($record, $field);
            $studio = \is_object($next) ? $this->find($next, $entities, $steps - 1) : null;
            if (null !== $studio) {
                return $studio;
            }
        }

        return null;
    }

    /**
     * @param ClassMetadata<object> $class
     *
     * @return list<string>
     */
    private static function pointing(ClassMetadata $class): array
    {
        $fields = [];
        foreach ($class->associationMappings as $field => $mapping) {
            if ($mapping->isToOneOwningSide()) {
                $fields[$field] = Studio::class === $mapping->targetEntity ? 0 : 1;
            }
        }
        asort($fields);

        return array_keys($fields);
    }
}

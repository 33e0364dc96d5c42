<?php

declare(strict_types=1);

namespace App\Quilt;

/** Members of a document within each other, addressed by the keys on the way to them. */
final readonly class Members
{
    /**
     * The members with one of them set; those on the way to it are made where they are missing.
     *
     * @param array<mixed>           $members
     * @param non-empty-list<string> $keys
     *
     * @return array<string, mixed>
     */
    public static function with(array $members, array $keys, mixed $value): array
    {
        $key = array_shift($keys);
        $inner = $members[$key] ?? [];
        $members[$key] = [] === $keys ? $value : self::with(\is_array($inner) ? $inner : [], $keys, $value);

        /** @var array<string, mixed> $members members of a document have words for keys */
        return $members;
    }
}

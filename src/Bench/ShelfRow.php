<?php

declare(strict_types=1);

namespace App\Bench;

use Schwung\Core\Plan\Standing;
use Symfony\Component\Uid\Ulid;

/** One quilt on the shelf. */
final readonly class ShelfRow
{
    public function __construct(
        public Ulid $id,
        public string $title,
        public string $client,
        public ?\DateTimeImmutable $due,
        public Standing $standing,
        public string $verdict,
        public bool $isOutdated,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Bench;

use Schwung\Core\Plan\Standing;
use Symfony\Component\Uid\Ulid;

/** One quilt on the shelf; made by a query. */
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
        private int $year,
        private int $numberInYear,
        public ?string $frame,
        public ?\DateTimeImmutable $loaded,
    ) {}

    /** "26-014" */
    public function number(): string
    {
        return \sprintf('%02d-%03d', $this->year % 100, $this->numberInYear);
    }
}

<?php

declare(strict_types=1);

namespace App\Bench;

/** A page of the shelf, 1-based. */
final readonly class ShelfPage
{
    public const SIZE = 30;

    /**
     * @param list<ShelfRow> $rows
     * @param int            $outdated how many verdicts of the studio are still to be worked out anew
     */
    public function __construct(
        public array $rows,
        public int $page,
        public int $total,
        public ShelfFilter $filter,
        public int $outdated,
    ) {}

    public function pages(): int
    {
        return max(1, (int) ceil($this->total / self::SIZE));
    }
}

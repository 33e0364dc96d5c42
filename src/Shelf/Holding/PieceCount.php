<?php

declare(strict_types=1);

namespace App\Shelf\Holding;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Length;

/** How many pieces of one kind there are, at which frame they are kept, and on which they hang. */
final class PieceCount
{
    /** @var array<string, int> by the name of the frame */
    public array $at = [];
    /** @var list<array{frame: string, quilt: string, count: int}> */
    public array $hanging = [];

    /** @param int $left of them is at hand */
    public function __construct(
        public readonly HoldingSystem $system,
        public readonly Length $length,
        public readonly int $left,
    ) {}

    public function has(string $frame, int $count): void
    {
        $this->at[$frame] = $count + ($this->at[$frame] ?? 0);
    }

    public function hangs(string $frame, string $quilt, int $count): void
    {
        $this->hanging[] = ['frame' => $frame, 'quilt' => $quilt, 'count' => $count];
    }
}

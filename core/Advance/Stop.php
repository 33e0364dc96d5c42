<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/** The end of a pass within the quilt, from its lead edge; $fromSeam is how far it misses the nearest seam or edge. */
final readonly class Stop
{
    public function __construct(public Length $at, public StopKind $kind, public Length $fromSeam) {}

    /** @param list<self> $stops */
    public static function countInBlocks(array $stops): int
    {
        return \count(array_filter($stops, static fn(self $stop): bool => StopKind::Block === $stop->kind));
    }
}

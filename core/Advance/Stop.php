<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/** The end of a pass within the quilt, from its lead edge; $fromSeam is how far it misses the nearest seam or edge. */
final readonly class Stop
{
    public function __construct(public Length $at, public StopKind $kind, public Length $fromSeam) {}

    public function movedBy(Length $length): self
    {
        return new self($this->at->plus($length), $this->kind, $this->fromSeam);
    }

    /**
     * Counted from the other edge.
     *
     * @param list<self> $stops in order
     *
     * @return list<self> in order
     */
    public static function fromOtherEdge(array $stops, Length $along): array
    {
        return array_map(
            static fn(self $stop): self => new self($along->minus($stop->at), $stop->kind, $stop->fromSeam),
            array_reverse($stops),
        );
    }

    /** @param list<self> $stops */
    public static function countInBlocks(array $stops): int
    {
        return \count(array_filter($stops, static fn(self $stop): bool => StopKind::Block === $stop->kind));
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Worked;

/** What the tape says of a top: the size to cover, the fullness of each edge, and whether it is square. */
final readonly class MeasuredTop
{
    /** @param array{top: EdgeFullness, bottom: EdgeFullness, left: EdgeFullness, right: EdgeFullness} $edges */
    public function __construct(
        public Worked $width,
        public Worked $length,
        public array $edges,
        public Squareness $square,
    ) {}

    /** Both edges of a pair off the same way by more than one per cent: more likely the middle was misread. */
    public function isMiddleDoubtful(): bool
    {
        return $this->leanTogether($this->edges['top'], $this->edges['bottom']) ||
            $this->leanTogether($this->edges['left'], $this->edges['right']);
    }

    private function leanTogether(EdgeFullness $one, EdgeFullness $other): bool
    {
        return $one->exceedsPerThousand(10) && $other->exceedsPerThousand(10) && $one->share() * $other->share() > 0;
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

use Schwung\Core\Measure\Length;

/** Tops that are loaded side by side on one backing. */
final readonly class Gang
{
    /** @param non-empty-list<GangTop> $tops from left to right, as one stands at the front */
    public function __construct(public string $frame, public array $tops, public Length $gap) {}

    /** Of all tops and the gaps between them. */
    public function across(): Length
    {
        return array_reduce(
            $this->tops,
            static fn(Length $sum, GangTop $top): Length => $sum->plus($top->across),
            $this->gap->times(\count($this->tops) - 1),
        );
    }

    /** Of the deepest. */
    public function along(): Length
    {
        return array_reduce(
            $this->tops,
            static fn(Length $most, GangTop $top): Length => $top->along->isLongerThan($most) ? $top->along : $most,
            Length::zero(),
        );
    }

    /** @return list<Length> where the middle of each top lies, from the middle of the row; to the left is negative */
    public function stations(): array
    {
        [$middles, $left] = [[], $this->across()->half()->negated()];
        foreach ($this->tops as $top) {
            $middles[] = $left->plus($top->across->scaledBy(1, 2));
            $left = $left->plus($top->across)->plus($this->gap);
        }

        return $middles;
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn(GangTop $top): string => $top->id, $this->tops);
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Attachment\HeldEnds;
use Schwung\Core\Leader\LoadPosition;
use Schwung\Core\Measure\Length;

/** How a quilt is held, and where on the leader it hangs. */
final readonly class Holding
{
    /**
     * @param Length                         $place of the quilt's middle from the leaders' centre marks
     * @param \Closure(): list<LoadPosition> $ranked best first; empty where there is no leader. What hung before is only
     *   looked up for those who ask
     */
    public function __construct(public HeldEnds $ends, public Length $place, private \Closure $ranked) {}

    /** @return list<LoadPosition> best first; empty where there is no leader */
    public function places(): array
    {
        return ($this->ranked)();
    }

    public function withoutTop(): self
    {
        return new self($this->ends->withoutTop(), $this->place, $this->ranked);
    }
}

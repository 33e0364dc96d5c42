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
     * @param list<LoadPosition> $places best first; empty where there is no leader
     * @param Length             $place  of the quilt's middle from the leaders' centre marks
     */
    public function __construct(public HeldEnds $ends, public array $places, public Length $place) {}

    public function withoutTop(): self
    {
        return new self($this->ends->withoutTop(), $this->places, $this->place);
    }
}

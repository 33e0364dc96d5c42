<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Hand;

/** An edge that is to be held, centred on the leader's load position. */
final readonly class Edge
{
    /**
     * @param Length|null $leader    width of the leader; null where there is none
     * @param Length      $position  of the edge's centre from the leader's centre mark
     * @param Length|null $pole       that spring clamps sit on; null where it does not bound them
     * @param Length|null $clipsBeyond how much longer a run of clips is wanted; null for what is usual
     * @param bool        $isWorkedIn the edge has fullness and is attached itself, so that its pins stand twice as
     *   close
     */
    public function __construct(
        public Worked $held,
        public End $end,
        public ?Length $leader,
        public Length $position,
        public bool $isWorkedIn = false,
        public Hand $hand = Hand::Right,
        public ?Length $pole = null,
        public ?Length $clipsBeyond = null,
    ) {}

    public function length(): Length
    {
        return $this->held->length();
    }

    public function half(): Length
    {
        return $this->held->length()->half();
    }
}

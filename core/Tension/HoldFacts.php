<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\EdgeLine;
use Schwung\Core\Practice\People;

/** What is known of how it is held and was wound. Null is what nobody knows. Made with named arguments. */
final readonly class HoldFacts
{
    /**
     * @param LeaderVerdict|null $leaderCheck the worst of the last checks of this frame's leaders
     * @param bool|null          $leadersTiltAlike whether two leaders or more run out alike, so that it is the frame
     * @param bool|null          $thrownOverBar whether the backing hung over a bar and dragged while it was wound
     */
    public function __construct(
        public ?HoldingSystem $leadMethod = null,
        public ?Length $pinSpacing = null,
        public ?bool $alwaysCentred = null,
        public ?int $loadsSinceLeaderCheck = null,
        public ?bool $centresMarked = null,
        public ?bool $evened = null,
        public ?ClampWidth $sideClamps = null,
        public ?LeaderVerdict $leaderCheck = null,
        public ?bool $leadersTiltAlike = null,
        public ?EdgeLine $edgeSchool = null,
        public ?bool $thrownOverBar = null,
        public ?People $people = null,
    ) {}
}

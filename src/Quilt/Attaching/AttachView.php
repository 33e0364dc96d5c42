<?php

declare(strict_types=1);

namespace App\Quilt\Attaching;

use App\Shelf\Holding\OnRail;
use Schwung\Core\Attachment\FloatOption;
use Schwung\Core\Attachment\HoldProposal;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Leader\LoadPosition;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/**
 * Everything that is held of a quilt, where on the leader, and what to fetch for it.
 *
 * Made with named arguments.
 */
final readonly class AttachView
{
    /**
     * @param list<HeldEdge>     $edges     lead, tail, and the top's own where it is held
     * @param list<LoadPosition> $positions best first; empty where there is no leader
     * @param Length             $position  of the edge's centre, from the leader's centre mark
     * @param list<Length>       $markers   where seams of the top meet the rail
     * @param list<FloatOption>  $floats
     * @param list<Phrase>       $holdsEnd  what holds a hanging end, best first
     * @param array<string, list<HoldProposal>> $proposals ways of holding each end, best first
     * @param list<OnRail>       $away      pieces that still hang on another frame on its day
     * @param array{front: list<Phrase>, back: list<Phrase>} $fetch in order of use, by side of the frame
     */
    public function __construct(
        public array $edges,
        public float $minutes,
        public array $positions,
        public Length $position,
        public array $markers,
        public array $floats,
        public array $holdsEnd,
        public array $proposals,
        public array $fetch,
        public FrameKind $kind,
        public array $away = [],
    ) {}
}

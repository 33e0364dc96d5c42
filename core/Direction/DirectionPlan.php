<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

use Schwung\Core\Advance\Course;
use Schwung\Core\Advance\Section;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Sizing\BackingCheck;
use Schwung\Core\Sizing\Remedy;

/** One way round: what it needs, whether it loads, how it rolls, and the ways out of a backing that is not enough. */
final readonly class DirectionPlan
{
    /**
     * @param list<Remedy>  $remedies
     * @param list<Section> $sections     from left to right, one where all can be reached at once
     * @param list<Blocker> $blockers
     * @param bool          $keepsUp      false where a design with an up would lie across a top with an up
     * @param Course|null   $course       null while batting or quilting are not known
     * @param Worked|null   $ridge        how far a seam that winds on itself stands proud; null where there is none
     */
    public function __construct(
        public Direction $direction,
        public BackingCheck $backing,
        public array $remedies,
        public array $sections,
        public array $blockers,
        public StretchLie $stretch,
        public bool $keepsUp,
        public ?Course $course,
        public ?Worked $ridge,
    ) {
    }

    public function loads(): bool
    {
        return [] === $this->blockers;
    }
}

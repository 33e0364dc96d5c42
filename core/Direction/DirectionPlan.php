<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

use Schwung\Core\Advance\Course;
use Schwung\Core\Advance\Ridge;
use Schwung\Core\Advance\Section;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Sizing\BackingCheck;

/** One way round: what it needs, whether it loads, and how it rolls. */
final readonly class DirectionPlan
{
    /**
     * @param list<Section> $sections     from left to right, one where all can be reached at once
     * @param list<Blocker> $blockers
     * @param bool          $keepsUp      false where a design with an up would lie across a top with an up
     * @param Course|null   $course       null while batting or quilting are not known
     * @param bool          $seamWinds    a seam of the backing lies from roller to roller
     * @param Worked|null   $ridge        how far a seam that winds on itself stands proud; null where there is none
     */
    public function __construct(
        public Direction $direction,
        public BackingCheck $backing,
        public array $sections,
        public array $blockers,
        public StretchLie $stretch,
        public bool $keepsUp,
        public ?Course $course,
        public ?Worked $ridge,
        public bool $seamWinds,
    ) {}

    /** Whether a seam of the backing stands so proud that the sides wind slack. */
    public function hasRidge(): bool
    {
        return null !== $this->ridge && $this->ridge->length()->toMillimetres() >= Ridge::SLACK_MILLIMETRES;
    }

    public function loads(): bool
    {
        return [] === $this->blockers;
    }
}

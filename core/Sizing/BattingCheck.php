<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;

/**
 * Whether the batting covers, how it lies, and when it is rested; ready times are null where it is not known when it
 * was opened.
 */
final readonly class BattingCheck
{
    public function __construct(
        public Worked $requiredAcross,
        public Worked $requiredAlong,
        public Length $limit,
        public BattingState $state,
        public Length $layAcross,
        public Length $layAlong,
        public bool $liesTheOtherWay,
        public ?Length $trimTo,
        public ?\DateTimeImmutable $readyFrom,
        public ?\DateTimeImmutable $readyBest,
    ) {}

    /** How far the batting, as it lies, is below what is needed across; not positive where it is enough. */
    public function missingAcross(): Length
    {
        return $this->requiredAcross->length()->minus($this->layAcross);
    }

    /** How far the batting, as it lies, is below what is needed along; not positive where it is enough. */
    public function missingAlong(): Length
    {
        return $this->requiredAlong->length()->minus($this->layAlong);
    }

    /** Fits, but within this much of what could be drawn into the carriage. */
    public function isWithin(Length $clearance): bool
    {
        return BattingState::Fits === $this->state && !$this->limit->minus($this->layAcross)->isLongerThan($clearance);
    }
}

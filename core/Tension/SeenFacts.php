<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** What was seen and felt beside the fault itself. Null is what nobody knows. */
final readonly class SeenFacts
{
    /**
     * @param int|null $sameSideBefore how often that side dipped on earlier quilts
     * @param int|null $centreDipsBefore how often the middle dipped on earlier quilts
     * @param bool|null $sideAlternates the slack side changes from advance to advance
     */
    public function __construct(
        public ?WhichPass $pass = null,
        public ?FirmnessReading $firmness = null,
        public ?int $sameSideBefore = null,
        public ?int $centreDipsBefore = null,
        public ?bool $sideAlternates = null,
    ) {}
}

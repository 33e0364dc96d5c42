<?php

declare(strict_types=1);

namespace Schwung\Core\Bringing;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;

/** What to bring for one top. Across is beside the top's width, along beside its length, as it is made. */
final readonly class PrepCard
{
    /**
     * @param list<BoltCut> $bolts
     * @param list<string>  $tooWideFor names of the frames on which it cannot lie either way round
     * @param Profile|null  $profile    what was asked for on top because of earlier quilts; null where nothing was
     */
    public function __construct(
        public Length $topAcross,
        public Length $topAlong,
        public Worked $backingAcross,
        public Worked $backingAlong,
        public Worked $battingAcross,
        public Worked $battingAlong,
        public array $bolts,
        public array $tooWideFor,
        public ?Profile $profile,
    ) {}

    /** What must show of the backing at the open sides, with both folded in quarters and laid fold on fold. */
    public function showsAcross(): Length
    {
        return $this->backingAcross->length()->minus($this->topAcross)->half();
    }

    public function showsAlong(): Length
    {
        return $this->backingAlong->length()->minus($this->topAlong)->half();
    }
}

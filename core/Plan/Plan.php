<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Attachment\HeldEnds;
use Schwung\Core\Direction\Choice;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\Direction;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\Fit;
use Schwung\Core\Sizing\MeasuredTop;
use Schwung\Core\Sizing\UsableBacking;

/**
 * All that is computed of one job, hung on the centre of the leaders by a right hand.
 *
 * Made with named arguments.
 */
final readonly class Plan
{
    /**
     * @param array{as-is: DirectionPlan, turned: DirectionPlan} $directions
     * @param list<Finding>                                      $findings in the order of the work
     * @param list<string>                                       $skipped  JSON pointers of missing parts that something
     *   needs
     */
    public function __construct(
        public Job $job,
        public MeasuredTop $top,
        public UsableBacking $cloth,
        public Fit $squaredUp,
        public array $directions,
        public Choice $choice,
        public ?BattingCheck $batting,
        public HeldEnds $held,
        public array $findings,
        public array $skipped,
    ) {}

    public function chosen(): Direction
    {
        return $this->choice->chosen;
    }

    public function chosenPlan(): DirectionPlan
    {
        return $this->directions[$this->choice->chosen->value];
    }

    /** The first finding that has one of these codes. */
    public function finding(FindingCode ...$codes): ?Finding
    {
        foreach ($this->findings as $finding) {
            if (\in_array($finding->code, $codes, true)) {
                return $finding;
            }
        }

        return null;
    }
}

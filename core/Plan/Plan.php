<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Direction\Choice;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\Direction;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\Fit;
use Schwung\Core\Sizing\MeasuredTop;
use Schwung\Core\Sizing\UsableBacking;

/** All that is computed of one job. */
final readonly class Plan
{
    /**
     * @param array{as-is: DirectionPlan, turned: DirectionPlan} $directions
     * @param array{lead: Attachment|null, tail: Attachment|null} $attachments null where clips are wanted and none are named
     * @param list<Finding>                                      $findings
     * @param list<string>                                       $skipped    JSON pointers of missing parts that something needs
     */
    public function __construct(
        public Job $job,
        public MeasuredTop $top,
        public UsableBacking $cloth,
        public Fit $squaredUp,
        public array $directions,
        public Choice $choice,
        public ?BattingCheck $batting,
        public array $attachments,
        public array $findings,
        public array $skipped,
    ) {
    }

    public function chosen(): Direction
    {
        return $this->choice->chosen;
    }

    public function chosenPlan(): DirectionPlan
    {
        return $this->directions[$this->choice->chosen->value];
    }

    /** The first finding that has one of these codes. */
    public function finding(string ...$codes): ?Finding
    {
        foreach ($this->findings as $finding) {
            if (\in_array($finding->code, $codes, true)) {
                return $finding;
            }
        }

        return null;
    }

    /** @return list<Finding> */
    public function errors(): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => Level::Error === $finding->level));
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Job\Quilting;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Top;

/** Rules 8 to 10 and 12 together: how a top rolls through one way round. */
final readonly class CourseRule
{
    private TurnRoundRule $turning;

    public function __construct(private Roll $roll)
    {
        $this->turning = new TurnRoundRule($roll);
    }

    public function plan(Quilting $quilting, Top $top, Direction $direction): Course
    {
        if (null === $quilting->rows) {
            $plan = (new BlockPasses($this->roll))->plan(SeamGrid::fromLead($top, $direction));

            return new Course(
                $this->roll,
                $plan->passes,
                null,
                null,
                $plan->stops,
                $this->worthTurning($quilting, $top, $direction, $plan->passes),
            );
        }
        $layout = (new RowRule($this->roll))->layOut($quilting->rows, $top->along($direction));
        $passes = (new RowPasses($this->roll))->plan($layout);
        $oneMore = (new OneMoreRule($this->roll))->find($quilting->rows, $layout, $passes);

        return new Course(
            $this->roll,
            $passes,
            $layout,
            $oneMore,
            [],
            $this->worthTurning($quilting, $top, $direction, $passes),
        );
    }

    /** The quilt turned round in the middle, whether that is worth it or not; null where it cannot be done. */
    public function turnedRound(Quilting $quilting, Top $top, Direction $direction): ?TurnRound
    {
        return null === $quilting->rows
            ? $this->turning->ofBlocks(SeamGrid::fromLead($top, $direction), $quilting->isDirectional)
            : $this->turning->ofRows(
                $quilting->rows,
                (new RowRule($this->roll))->layOut($quilting->rows, $top->along($direction)),
                $quilting->isDirectional,
            );
    }

    private function worthTurning(Quilting $quilting, Top $top, Direction $direction, PassPlan $plain): ?TurnRound
    {
        $turnRound = $this->turning->canBeWorthIt($plain, $top->along($direction))
            ? $this->turnedRound($quilting, $top, $direction)
            : null;

        return null !== $turnRound && $this->turning->isWorthIt($turnRound, $plain) ? $turnRound : null;
    }
}

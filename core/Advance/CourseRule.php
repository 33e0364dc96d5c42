<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Job\Quilting;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Length;

/** Rules 8 to 10 and 12 together: how a top rolls through one way round. */
final readonly class CourseRule
{
    private TurnRoundRule $turning;
    private Length $outOfReach;

    /** @param Length|null $outOfReach of the top beside its lead edge, where the needle does not come; null for nothing */
    public function __construct(private Roll $roll, ?Length $outOfReach = null)
    {
        $this->outOfReach = $outOfReach ?? Length::zero();
        $this->turning = new TurnRoundRule($roll);
    }

    public function plan(Quilting $quilting, Top $top, Direction $direction): Course
    {
        if (null === $quilting->rows) {
            $plan = (new BlockPasses($this->roll))->plan(
                SeamGrid::fromLead($top, $direction),
                from: $this->outOfReach->toMillimetres(),
            );

            return new Course(
                $this->roll,
                $plan->passes,
                null,
                null,
                $plan->stops,
                $this->worthTurning($quilting, $top, $direction, $plan->passes),
                $this->outOfReach,
            );
        }
        $layout = $this->rows($quilting->rows, $top->along($direction));
        $passes = (new RowPasses($this->roll))->plan($layout);
        $oneMore = (new OneMoreRule($this->roll))->find($quilting->rows, $layout, $passes);

        return new Course(
            $this->roll,
            $passes,
            $layout,
            $oneMore,
            [],
            $this->worthTurning($quilting, $top, $direction, $passes),
            $this->outOfReach,
        );
    }

    /** Only basted, it is worked as deep as the bed allows: neither rows nor seams say where a pass ends. */
    public function basting(Top $top, Direction $direction): Course
    {
        $plan = (new BlockPasses($this->roll))->plan(
            SeamGrid::of($top->along($direction), []),
            from: $this->outOfReach->toMillimetres(),
        );

        return new Course($this->roll, $plan->passes, null, null, [], null, $this->outOfReach);
    }

    /** The quilt turned round in the middle, whether that is worth it or not; null where it cannot be done. */
    public function turnedRound(Quilting $quilting, Top $top, Direction $direction): ?TurnRound
    {
        return null === $quilting->rows
            ? $this->turning->ofBlocks(
                SeamGrid::fromLead($top, $direction),
                $quilting->isDirectional,
                $this->outOfReach->toMillimetres(),
            )
            : $this->turning->ofRows(
                $quilting->rows,
                $this->rows($quilting->rows, $top->along($direction)),
                $quilting->isDirectional,
            );
    }

    private function rows(RowDesign $design, Length $along): RowLayout
    {
        return (new RowRule($this->roll))->layOut(
            $design,
            $along,
            $this->outOfReach->isPositive() ? $this->outOfReach : null,
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

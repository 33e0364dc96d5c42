<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Advance\RowLayout;
use Schwung\Core\Direction\Blocker;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Practice;

/** What the quilter should know of how the quilt rolls through (rules 8 to 10). */
final readonly class PassFindings
{
    /** A quilt is small for a design that ends beyond it by more than a part of so many. */
    private const SMALL_SHARE = 4;

    public function __construct(private Practice $practice) {}

    /** @return list<Finding> */
    public function collect(Job $job, DirectionPlan $chosen): array
    {
        $rows = $chosen->course?->rows;

        return array_values(
            array_filter([
                $this->ofRow($chosen),
                $this->ofRoll($job, $chosen),
                $this->ofLeadEdge($chosen),
                ...null === $rows
                    ? []
                    : [$this->ofFinish($rows), $this->ofRunOff($job, $chosen, $rows) ?? $this->ofBeyond($rows)],
            ]),
        );
    }

    private function ofRow(DirectionPlan $chosen): ?Finding
    {
        return !\in_array(Blocker::Row, $chosen->blockers, true)
            ? null
            : new Finding(
                FindingCode::Row,
                $chosen->course->passes->obstacle ?? Phrase::of('No pass can be made.'),
                '/quilting',
            );
    }

    private function ofRoll(Job $job, DirectionPlan $chosen): ?Finding
    {
        $pass = $chosen->course?->passes->firstTooThick();

        return null === $pass
            ? null
            : new Finding(
                FindingCode::Roll,
                Phrase::of(
                    "At pass {$pass->number} the roll is %s thick, but only %s goes under the arm.",
                    $pass->rollDiameter()->figure,
                    Figure::left($job->frame->size(FrameMeasure::ArmClearance)),
                ),
                '/frame/arm_clearance',
            );
    }

    private function ofLeadEdge(DirectionPlan $chosen): ?Finding
    {
        return true !== $chosen->course?->outOfReach->isPositive()
            ? null
            : new Finding(
                FindingCode::EdgeOutOfReach,
                Phrase::of(
                    'All layers go through the same hold: the first pass starts %s inside the lead edge of the top, ' .
                        'which is out of the reach of the needle.',
                    Figure::needed($chosen->course->outOfReach),
                ),
                '/load/float',
            );
    }

    private function ofFinish(RowLayout $rows): ?Finding
    {
        return !$rows->hasFallenBack()
            ? null
            : new Finding(
                FindingCode::FinishNotPossible,
                Phrase::of('The design cannot be made to end at the tail that way: it runs off.'),
                '/quilting/finish',
            );
    }

    private function ofRunOff(Job $job, DirectionPlan $chosen, RowLayout $rows): ?Finding
    {
        $free = $chosen->backing->laid->freeAt(End::Tail, $this->practice->grip($job->load->tail, End::Tail));

        return Finish::RunOff !== $rows->finish || !$rows->beyondTail()->isLongerThan($free)
            ? null
            : new Finding(
                FindingCode::RunOffPastTail,
                Phrase::of(
                    'The last row ends %s beyond the tail edge, but only %s of backing is free there.',
                    Figure::measured($rows->beyondTail()),
                    Figure::left(Length::longest(Length::zero(), $free)),
                ),
                '/quilting/finish',
            );
    }

    /** Of a small quilt, where much of the last row is stitched on the margin alone. */
    private function ofBeyond(RowLayout $rows): ?Finding
    {
        $beyond = $rows->beyondTail();

        return Finish::RunOff !== $rows->finish || !$beyond->times(self::SMALL_SHARE)->isLongerThan($rows->along)
            ? null
            : new Finding(
                FindingCode::DesignBeyondQuilt,
                Phrase::of(
                    'The last row ends %s beyond a quilt of %s: a row of another height wastes less.',
                    Figure::measured($beyond),
                    Figure::measured($rows->along),
                ),
                '/quilting/row_height',
            );
    }
}

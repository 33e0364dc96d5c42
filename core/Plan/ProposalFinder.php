<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Advance\BordersLast;
use Schwung\Core\Advance\Course;
use Schwung\Core\Advance\Proposal;
use Schwung\Core\Advance\ProposalKind;
use Schwung\Core\Advance\RowPasses;
use Schwung\Core\Advance\RowRule;
use Schwung\Core\Advance\SeamGrid;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Direction\StretchLie;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Quilting;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Rounding;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingState;

/**
 * Finds what would make the passes of the chosen way possible, fewer, or kinder to the blocks. Each proposal has been
 * worked out before it is made; one that changes nothing is not made.
 */
final readonly class ProposalFinder
{
    /** So many steps of the tape is a row made smaller before it is given up. */
    private const TRIES = 24;

    public function __construct(private Practice $practice) {}

    /** @return list<Proposal> best first */
    public function find(Plan $plan): array
    {
        $chosen = $plan->chosenPlan();
        $course = $chosen->course;
        if (null === $course || null === $plan->job->quilting) {
            return [];
        }

        return array_values(
            array_filter([
                $this->smallerRows($plan->job, $plan->job->quilting, $chosen, $course),
                $this->otherFinish($plan, $course),
                $this->turn($chosen, $plan->directions[$chosen->direction->other()->value]),
                $this->turnRound($course),
                $this->bordersLast($plan->job, $chosen, $course),
                $this->thinnerBatting($plan->job, $course),
            ]),
        );
    }

    private function smallerRows(Job $job, Quilting $quilting, DirectionPlan $chosen, Course $course): ?Proposal
    {
        $asked = $quilting->rows;
        if (null === $asked || null === $course->rows || ($course->passes->isComplete() && null === $course->oneMore)) {
            return null;
        }
        $along = $job->top->along($chosen->direction);
        $start =
            $course->oneMore->height ?? Length::millimetres(max(0.0, $course->roll->depth($along->toMillimetres())));
        $most = $course->oneMore->passes ?? \PHP_INT_MAX;
        $design = $this->roundedRows(
            $job,
            $asked,
            $start,
            static fn(RowDesign $rows): bool => self::takesAtMost($rows, $along, $course, $most),
        );
        if (null === $design) {
            return null;
        }
        $layout = (new RowRule($course->roll))->layOut($design, $along);
        $passes = (new RowPasses($course->roll))->plan($layout)->count();
        $share = \sprintf('%.0f', (100 * $design->height->nanometres) / $asked->height->nanometres);

        return new Proposal(
            ProposalKind::SmallerRows,
            Phrase::of('Make the rows %s high', Figure::left($design->height)),
            $course->passes->isComplete()
                ? Phrase::of(
                    "$passes passes instead of {$course->passes->count()}: the design at $share %%, its gap %s, " .
                        'takes a row more in each pass.',
                    Figure::measured($design->gap),
                )
                : Phrase::of(
                    "Then they fit to the end, in $passes passes: the design at $share %%, its gap %s.",
                    Figure::measured($design->gap),
                ),
            $design,
        );
    }

    /**
     * The tallest rows, in whole steps of the tape, that pass the test.
     *
     * @param \Closure(RowDesign): bool $passes
     */
    private function roundedRows(Job $job, RowDesign $asked, Length $start, \Closure $passes): ?RowDesign
    {
        $step = $job->units->step();
        $height = $start->roundedTo($step, Rounding::Down);
        for ($try = 0; $try < self::TRIES && $height->isPositive(); ++$try, $height = $height->minus($step)) {
            $scaled = $asked->atHeight($height);
            foreach ([$asked->finish, Finish::RunOff] as $finish) {
                if ($passes($scaled->withFinish($finish))) {
                    return $scaled->withFinish($finish);
                }
            }
        }

        return null;
    }

    private static function takesAtMost(RowDesign $rows, Length $along, Course $course, int $most): bool
    {
        $plan = (new RowPasses($course->roll))->plan((new RowRule($course->roll))->layOut($rows, $along));

        return $plan->isComplete() && $plan->count() <= $most;
    }

    private function otherFinish(Plan $plan, Course $course): ?Proposal
    {
        $asked = $plan->job->quilting?->rows;
        if (null === $plan->finding(FindingCode::RunOffPastTail) || null === $asked || null === $course->rows) {
            return null;
        }
        foreach ([Finish::FitScale, Finish::FitGap] as $finish) {
            $layout = (new RowRule($course->roll))->layOut($asked->withFinish($finish), $course->rows->along);
            $passes = (new RowPasses($course->roll))->plan($layout);
            if (!$layout->hasFallenBack() && $passes->isComplete()) {
                return new Proposal(
                    ProposalKind::OtherFinish,
                    Phrase::of(
                        Finish::FitScale === $finish
                            ? 'Scale the design to end at the tail'
                            : 'Change the gaps to end at the tail',
                    ),
                    Phrase::of(
                        "{$layout->count} rows of %s with a gap of %s, {$passes->count()} passes.",
                        Figure::measured($layout->height),
                        Figure::measured($layout->gap),
                    ),
                    $asked->withFinish($finish),
                );
            }
        }

        return null;
    }

    private function turn(DirectionPlan $chosen, DirectionPlan $other): ?Proposal
    {
        [$now, $then] = [$chosen->course, $other->course];
        if (null === $now || null === $then || !$other->loads() || BackingState::Short === $other->backing->state()) {
            return null;
        }
        $gains = [
            $chosen->loads() ? null : 'it loads',
            $then->stopsInBlocks() < $now->stopsInBlocks()
                ? "{$then->stopsInBlocks()} blocks cut instead of {$now->stopsInBlocks()}"
                : null,
            $now->passes->isComplete() && $then->passes->count() < $now->passes->count()
                ? "{$then->passes->count()} passes instead of {$now->passes->count()}"
                : null,
        ];
        $costs = [
            StretchLie::RollerToRoller === $other->stretch && StretchLie::Ok === $chosen->stretch
                ? 'the stretch would lie from lead to tail'
                : null,
            $chosen->keepsUp && !$other->keepsUp ? 'the design would lie on its side' : null,
            BackingState::Tight === $other->backing->state() && BackingState::Fits === $chosen->backing->state()
                ? 'the backing would be tight'
                : null,
            \count($other->sections) > \count($chosen->sections) ? 'it would take more sections' : null,
        ];
        [$gains, $costs] = [array_filter($gains), array_filter($costs)];

        return [] === $gains
            ? null
            : new Proposal(
                ProposalKind::Turn,
                Phrase::of('Turn the quilt'),
                Phrase::of(
                    '%s',
                    ucfirst(implode(', ', $gains)) . ([] === $costs ? '.' : '; but ' . implode(', and ', $costs) . '.'),
                ),
                direction: $other->direction,
            );
    }

    private function turnRound(Course $course): ?Proposal
    {
        $turnRound = $course->turnRound;
        if (null === $turnRound) {
            return null;
        }
        $after = implode('', [
            $turnRound->flipsDesign ? ' The design must be flipped for the second half.' : '',
            null !== $turnRound->rows && Finish::RunOff === $course->rows?->finish
                ? ' It is fitted, so that the halves meet.'
                : '',
        ]);

        return new Proposal(
            ProposalKind::TurnRound,
            Phrase::of('Turn it round in the middle'),
            Phrase::of(
                'From each end to the middle at %s: ' .
                    $turnRound->count() .
                    ' passes, the roll never more than %s, %s of depth at the least.' .
                    $after,
                Figure::measured($turnRound->meeting),
                Figure::measured($turnRound->rollDiameter()),
                Figure::left($turnRound->leastDepth()),
            ),
        );
    }

    private function bordersLast(Job $job, DirectionPlan $chosen, Course $course): ?Proposal
    {
        if (null !== $course->rows || 0 === $course->stopsInBlocks()) {
            return null;
        }
        $body = (new BordersLast($course->roll, $job->frame->usableAcross()))->body(
            SeamGrid::fromLead($job->top, $chosen->direction),
        );

        return !$body->passes->works() || $body->stopsInBlocks() >= $course->stopsInBlocks()
            ? null
            : new Proposal(
                ProposalKind::BordersLast,
                Phrase::of('Leave the borders to the end'),
                Phrase::of(
                    "{$body->stopsInBlocks()} blocks cut instead of {$course->stopsInBlocks()}, " .
                        "{$body->passes->count()} passes for the body; " .
                        'then each border, turned to lie along the rails.',
                ),
            );
    }

    private function thinnerBatting(Job $job, Course $course): ?Proposal
    {
        $last = $course->passes->last();
        if (null === $job->batting || null === $last || null === $course->passes->firstTooThick()) {
            return null;
        }
        $thickest = $course->roll->thickestUnderArm($last->wound->toMillimetres());
        $learnt = $this->practice->taught->factor($job->backing->kind, $job->batting->kind);
        $loft = $this->practice->thickness
            ->loftWithin(Length::millimetres($thickest->toMillimetres() / $learnt), $job->backing->kind)
            ->toMillimetres();

        return $loft <= 0.5
            ? null
            : new Proposal(
                ProposalKind::ThinnerBatting,
                Phrase::of('Take a thinner batting'),
                Phrase::of(
                    'With a loft of up to %s mm the roll goes under the arm to the end (an estimate).',
                    \sprintf('%.1f', floor($loft * 10) / 10),
                ),
            );
    }
}

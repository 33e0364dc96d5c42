<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\EdgeVerdict;
use Schwung\Core\Sizing\MeasuredTop;

/** The edges of a loaded quilt that are held: the backing's at both ends, and the top's own where it does not float. */
final readonly class LoadedEdges
{
    public function __construct(
        private Job $job,
        private MeasuredTop $top,
        private DirectionPlan $chosen,
        private Length $position,
        private Hand $hand = Hand::Right,
        private Practice $practice = new Practice(),
    ) {}

    public function backing(End $end): Edge
    {
        $across = $this->chosen->backing->squaredUp->across;
        $leader = $this->job->frame->leaderWidth();
        $held = null === $leader ? $across : Length::shortest($across, $leader);

        return $this->edge(
            new Worked(Figure::measured($held), 'The squared-up backing across, at most the leader.', [
                new Term('backing, squared up', Figure::left($across), 'measured'),
                ...null === $leader ? [] : [new Term('leader', Figure::left($leader), 'frame')],
            ]),
            $end,
            $this->goesThroughAllLayers($end) && $this->isWorkedIn($end),
        );
    }

    /** The top's own edge on its roller. */
    public function top(End $end): Edge
    {
        $across = $this->job->top->across($this->chosen->direction);

        return $this->edge(
            new Worked(Figure::measured($across), 'The top across.', [
                new Term('top', Figure::measured($across), 'measured'),
            ]),
            $end,
            $this->isWorkedIn($end),
        );
    }

    private function edge(Worked $held, End $end, bool $isWorkedIn): Edge
    {
        return new Edge(
            held: $held,
            end: $end,
            leader: $this->job->frame->leaderWidth(),
            position: $this->position,
            isWorkedIn: $isWorkedIn,
            hand: $this->hand,
            pole: $this->job->frame->size(FrameMeasure::Rail),
            clipsBeyond: $this->practice->at(Distance::ClipBeyond),
        );
    }

    /** Whether the top's own edge is attached at this end; one that is shaped never is, nor one without a roller. */
    public function holdsTop(End $end): bool
    {
        return match ($this->job->float()) {
            FloatKind::Full => false,
            FloatKind::Part => End::Tail === $end,
            FloatKind::None => true,
        };
    }

    /** The backing's own edge is flat; only pins that go through the top's edge as well are closer for it. */
    private function goesThroughAllLayers(End $end): bool
    {
        return End::Lead === $end && $this->holdsTop($end);
    }

    private function isWorkedIn(End $end): bool
    {
        $edge = $this->job->top->edgeAt($this->chosen->direction, $end);

        return EdgeVerdict::WorkIn === $this->top->edges[$edge->value]->verdict();
    }
}

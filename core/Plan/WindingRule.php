<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Advance\BorderPass;
use Schwung\Core\Advance\BordersLast;
use Schwung\Core\Advance\Course;
use Schwung\Core\Advance\CourseRule;
use Schwung\Core\Advance\MovePlan;
use Schwung\Core\Advance\PassPlan;
use Schwung\Core\Advance\SeamGrid;
use Schwung\Core\Advance\Section;
use Schwung\Core\Advance\Stop;
use Schwung\Core\Advance\TurnRound;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Job\Working;

/** Takes from a plan the passes as they will be worked: plain, turned round in the middle, or with the borders last. */
final readonly class WindingRule
{
    /** Null while batting or quilting are not known, or no pass can be made. A way that cannot be worked is plain. */
    public function of(Plan $plan, Working $working): ?Winding
    {
        $course = $plan->chosenPlan()->course;
        if (null === $course) {
            return null;
        }
        $turnRound = Working::TurnedRound === $working ? $this->turnRound($plan, $course) : null;
        if (null !== $turnRound) {
            return $this->turnedRound($plan, $course, $turnRound);
        }
        if (Working::BordersLast === $working && null === $course->rows) {
            return $this->withBordersLast($plan, $course);
        }

        return $this->winding($plan, $course, $course->passes, $course->stops);
    }

    private function turnRound(Plan $plan, Course $course): ?TurnRound
    {
        return null === $plan->job->quilting
            ? null
            : $course->turnRound ??
                    (new CourseRule($course->roll, $course->outOfReach))->turnedRound(
                        $plan->job->quilting,
                        $plan->job->top,
                        $plan->chosen(),
                    );
    }

    private function turnedRound(Plan $plan, Course $course, TurnRound $turnRound): ?Winding
    {
        $along = $plan->job->top->along($plan->chosen())->toMillimetres();
        $winds = [
            ...Winding::winds($turnRound->first),
            ...Winding::windsFromTail($turnRound->second, $along, $turnRound->first->count()),
        ];

        return [] === $winds
            ? null
            : new Winding(
                roll: $course->roll,
                winds: $winds,
                rows: $turnRound->rows,
                stops: $turnRound->stops,
                borders: [],
                sections: $plan->chosenPlan()->sections,
                moves: \count($plan->chosenPlan()->sections) > 1
                    ? [
                        ...(new MovePlan())->moves($plan->chosenPlan()->sections, $turnRound->first),
                        ...(new MovePlan())->moves(
                            Section::mirrored($plan->chosenPlan()->sections, $plan->job->top->across($plan->chosen())),
                            $turnRound->second,
                            $turnRound->first->count(),
                        ),
                    ]
                    : [],
                isTurnedRound: true,
            );
    }

    private function withBordersLast(Plan $plan, Course $course): ?Winding
    {
        $top = $plan->job->top;
        $last = new BordersLast($course->roll, $plan->job->frame->usableAcross());
        $body = $last->body(SeamGrid::fromLead($top, $plan->chosen()));

        return $this->winding($plan, $course, $body->passes, $body->stops, $last->borders($top));
    }

    /**
     * @param list<Stop> $stops
     * @param list<BorderPass> $borders
     */
    private function winding(Plan $plan, Course $course, PassPlan $passes, array $stops, array $borders = []): ?Winding
    {
        $winds = Winding::winds($passes);
        $sections = $plan->chosenPlan()->sections;

        return [] === $winds
            ? null
            : new Winding(
                roll: $course->roll,
                winds: $winds,
                rows: $course->rows,
                stops: $stops,
                borders: $borders,
                sections: $sections,
                moves: \count($sections) > 1 ? (new MovePlan())->moves($sections, $passes) : [],
                isTurnedRound: false,
            );
    }
}

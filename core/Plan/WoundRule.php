<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Advance\Roll;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;

/** Works out how thick every roll of the frame is as a pass begins, for the side view. Estimates, as all rolls are. */
final readonly class WoundRule
{
    public function at(Plan $plan, Winding $winding, Wind $now): WoundState
    {
        $roll = $winding->roll;
        $wound = $now->pass->wound->toMillimetres();
        $frame = $plan->job->frame;
        $before = array_filter(
            $winding->winds,
            static fn(Wind $wind): bool => $wind->number < $now->number && $wind->fromTail === $now->fromTail,
        );
        [$backing, $top] = $roll->sheets();
        $bare = $frame->size(FrameMeasure::TakeupDiameter)->toMillimetres() / 2;
        $of = static fn(FrameMeasure $roller): float => ($frame->at($roller)?->toMillimetres() ?? 2 * $bare) / 2;
        $left = max(
            0.0,
            $plan->chosenPlan()->backing->required->along->length()->toMillimetres() -
                $wound -
                $frame->bed()->toMillimetres(),
        );
        $isClamp = FrameKind::Clamp === $frame->kind;

        return new WoundState(
            startRadius: $roll->radius(0),
            radius: $roll->radius($wound),
            rings: array_values(
                array_map(static fn(Wind $wind): float => $roll->radius($wind->pass->wound->toMillimetres()), $before),
            ),
            feedRadius: $isClamp
                ? Roll::around(8, $roll->thickness->length()->toMillimetres(), $left)
                : Roll::around($of(FrameMeasure::BackingDiameter), $backing, $left),
            topRadius: Roll::around($of(FrameMeasure::TopDiameter), $top, $left),
            float: $plan->job->float(),
            depth: $now->pass->depth(),
            clearance: Phrase::of(
                'roll %s, arm %s',
                $now->pass->rollDiameter()->figure,
                Figure::left($frame->size(FrameMeasure::ArmClearance)),
            ),
            isUnderArm: $now->pass->isUnderArm(),
        );
    }
}

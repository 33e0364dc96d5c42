<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Advance\BlockPasses;
use Schwung\Core\Advance\Change;
use Schwung\Core\Advance\HalfWinds;
use Schwung\Core\Advance\Move;
use Schwung\Core\Advance\MovePlan;
use Schwung\Core\Advance\PassPlan;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Advance\RowLayout;
use Schwung\Core\Advance\RowPasses;
use Schwung\Core\Advance\SeamGrid;
use Schwung\Core\Advance\Section;
use Schwung\Core\Advance\Step;
use Schwung\Core\Advance\Stop;
use Schwung\Core\Advance\StopKind;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;

/**
 * Rules 19 and 23 at once: plans the passes that are left anew, with the thickness that the roll has shown or the
 * rows as they were fitted again. What is stitched, and the pass in the bed, stay as they are.
 */
final readonly class ResumeRule
{
    public function __construct(private Plan $plan) {}

    /** Null where the passes that are left cannot be worked so: a row does not fit any more. */
    public function resume(Winding $winding, Change $change): ?Winding
    {
        $roll = null === $change->thickness ? $winding->roll : $winding->roll->measured($change->thickness);
        $rows = null === $change->refit ? $winding->rows : $winding->rows?->refitted($change->refit);
        [$winds, $stops, $moves, $along] = [[], [], [], $this->plan->job->top->along($this->plan->chosen())];
        foreach (HalfWinds::of($winding) as $half) {
            [$passes, $found] = $this->half($half, $roll, $rows, $half->among($change->passes));
            if (!$passes->isComplete()) {
                return null;
            }
            $stops = [...$stops, ...$half->isFromTail() ? Stop::fromOtherEdge($found, $along) : $found];
            $moves = [...$moves, ...$this->moves($half, $passes, \count($winds))];
            $winds = $half->isFromTail()
                ? [...$winds, ...Winding::windsFromTail($passes, $along->toMillimetres(), \count($winds))]
                : [...$winds, ...Winding::winds($passes)];
        }
        \assert([] !== $winds);

        return new Winding(
            roll: $roll,
            winds: $winds,
            rows: $rows,
            stops: $stops,
            borders: $winding->borders,
            sections: $winding->sections,
            moves: $moves,
            isTurnedRound: $winding->isTurnedRound,
        );
    }

    /** @return array{PassPlan, list<Stop>} stops from the edge where this half began */
    private function half(HalfWinds $half, Roll $roll, ?RowLayout $rows, int $kept): array
    {
        if (null !== $rows) {
            $layout = $half->isFromTail() ? $rows->fromTail() : $rows;

            return [
                (new RowPasses($roll))->resumed(
                    $layout,
                    $half->rows(\count($half->winds)),
                    array_map(static fn(Step $step): int => $step->rows ?? 0, $half->steps($kept)),
                ),
                [],
            ];
        }
        $grid = SeamGrid::fromLead($this->plan->job->top, $this->plan->chosen());
        $grid = $half->isFromTail() ? $grid->reversed() : $grid;
        $steps = $half->steps($kept);
        $begin = [] === $steps ? $half->steps(1)[0]->wound : $steps[\count($steps) - 1]->to;
        $inner = array_map(
            static fn(Step $step): Stop => self::stop($grid, $step->to),
            \array_slice($steps, 0, $half->end() > $begin ? null : -1),
        );
        if ($half->end() <= $begin) {
            return [PassPlan::of($roll, $steps), $inner];
        }
        $from = [] === $steps ? $half->steps(1)[0]->from - $begin : 0.0;
        $rest = (new BlockPasses($roll))->plan($grid->part($begin, $half->end()), $begin, max(0.0, $from));
        $more = array_map(static fn(Stop $stop): Stop => $stop->movedBy(Length::millimetres($begin)), $rest->stops);
        $planned = array_map(Step::of(...), $rest->passes->passes);

        return [PassPlan::of($roll, [...$steps, ...$planned], $rest->passes->obstacle), [...$inner, ...$more]];
    }

    private static function stop(SeamGrid $grid, float $at): Stop
    {
        $off = $grid->toNearest($at);

        return new Stop(
            Length::millimetres($at),
            $off <= Near::MILLIMETRES ? StopKind::Seam : $grid->between($at),
            Length::millimetres($off),
        );
    }

    /** @return list<Move> */
    private function moves(HalfWinds $half, PassPlan $passes, int $before): array
    {
        $sections = $this->plan->chosenPlan()->sections;
        if (\count($sections) < 2) {
            return [];
        }
        $across = $this->plan->job->top->across($this->plan->chosen());

        return (new MovePlan())->moves(
            $half->isFromTail() ? Section::mirrored($sections, $across) : $sections,
            $passes,
            $before,
        );
    }
}

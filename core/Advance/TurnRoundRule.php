<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Job\Finish;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Measure\Length;

/** Rule 12: plans both halves of a quilt that is turned round in the middle, where that can be done. */
final readonly class TurnRoundRule
{
    /** So many passes must it save before it is worth the turning. */
    private const WORTH_PASSES = 2;

    public function __construct(private Roll $roll) {}

    /**
     * @param RowLayout $plain the rows as they are laid without turning
     *
     * @return TurnRound|null null where the halves cannot meet, or not even they can be worked
     */
    public function ofRows(RowDesign $design, RowLayout $plain, bool $isDirectional): ?TurnRound
    {
        $layout = $this->fitted($design, $plain);
        if (null === $layout || $layout->count < 2) {
            return null;
        }
        $near = (int) ceil($layout->count / 2);
        $rows = new RowPasses($this->roll);
        [$first, $second] = [$rows->first($layout, $near), $rows->first($layout->fromTail(), $layout->count - $near)];
        $meeting = $layout->end($near - 1)->plus($layout->gap->half());

        return $this->offered($first, $second, $meeting, $layout, [], $isDirectional);
    }

    /** @param float $from millimetres from the lead edge before which nothing can be stitched */
    public function ofBlocks(SeamGrid $grid, bool $isDirectional, float $from = 0.0): ?TurnRound
    {
        $middle = $grid->nearestMiddle();
        $blocks = new BlockPasses($this->roll);
        $first = $blocks->plan($grid->part(0.0, $middle), from: $from);
        $second = $blocks->plan($grid->part($middle, $grid->length)->reversed());
        $stops = [...$first->stops, ...Stop::fromOtherEdge($second->stops, Length::millimetres($grid->length))];

        return $this->offered(
            $first->passes,
            $second->passes,
            Length::millimetres($middle),
            null,
            $stops,
            $isDirectional,
        );
    }

    /** The halves meet only where the rows end at both edges: scaled, else with other gaps. */
    private function fitted(RowDesign $design, RowLayout $plain): ?RowLayout
    {
        if (Finish::RunOff !== $plain->finish) {
            return $plain;
        }
        foreach ([Finish::FitScale, Finish::FitGap] as $finish) {
            $layout = (new RowRule($this->roll))->layOut($design->withFinish($finish), $plain->along, $plain->begins);
            if (!$layout->hasFallenBack()) {
                return $layout;
            }
        }

        return null;
    }

    /** Whether it is worth the turning: the plain plan cannot be done, or needs at least two passes more. */
    public function isWorthIt(TurnRound $turnRound, PassPlan $plain): bool
    {
        return !$plain->works() || $plain->count() >= $turnRound->count() + self::WORTH_PASSES;
    }

    /** Whether it can be worth it at all: no half takes fewer passes than its length over the full depth. */
    public function canBeWorthIt(PassPlan $plain, Length $along): bool
    {
        $depth = $this->roll->depth(0);

        return !$plain->works() ||
            ($depth > 0 && $plain->count() >= ceil($along->toMillimetres() / $depth) + self::WORTH_PASSES);
    }

    /** @param list<Stop> $stops */
    private function offered(
        PassPlan $first,
        PassPlan $second,
        Length $meeting,
        ?RowLayout $rows,
        array $stops,
        bool $isDirectional,
    ): ?TurnRound {
        return $first->works() && $second->works()
            ? new TurnRound($first, $second, $meeting, $rows, $stops, $isDirectional)
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Length;

/**
 * Rule 12, last part: plain borders left to the end, each turned to lie along the rails. The quilt's body is then
 * worked from border to border.
 */
final readonly class BordersLast
{
    public function __construct(private Roll $roll, private Length $reach) {}

    /** The body's passes, between the lead and the tail border; places count from the lead edge. */
    public function body(SeamGrid $grid): BlockPlan
    {
        $plan = (new BlockPasses($this->roll))->plan(
            $grid->part($grid->firstBorder, $grid->lastBorder),
            $grid->firstBorder,
        );
        $begin = Length::millimetres($grid->firstBorder);

        return new BlockPlan(
            array_map(static fn(Stop $stop): Stop => $stop->movedBy($begin), $plan->stops),
            $plan->passes,
        );
    }

    /**
     * @return list<BorderPass> in the order top, bottom, left, right of the top; edges without a border are left out
     */
    public function borders(Top $top): array
    {
        $upright = $top->ledBy(null);
        $across = SeamGrid::of($top->length(), $upright->seamsAlongRails(Direction::AsIs));
        $along = SeamGrid::of($top->width(), $upright->seamsRollerToRoller(Direction::AsIs));
        $borders = [
            ['top', $top->width(), $across->firstBorder],
            ['bottom', $top->width(), $across->length - $across->lastBorder],
            ['left', $top->length(), $along->firstBorder],
            ['right', $top->length(), $along->length - $along->lastBorder],
        ];

        return array_values(array_filter(array_map($this->border(...), $borders)));
    }

    /** @param array{string, Length, float} $border edge, length, width in millimetres */
    private function border(array $border): ?BorderPass
    {
        [$edge, $length, $width] = $border;
        if ($width <= 0) {
            return null;
        }
        $passes = (new BlockPasses($this->roll))->plan(SeamGrid::of(Length::millimetres($width), []))->passes;

        return new BorderPass(
            $edge,
            $length,
            Length::millimetres($width),
            $passes,
            !$length->isLongerThan($this->reach),
        );
    }
}

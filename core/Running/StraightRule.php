<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Length;

/** Rule 20 at three places, as an edge or a seam is read in the bed: at its left, its centre and its right. */
final readonly class StraightRule
{
    /** Any width does: the slope is asked for over the whole of it. */
    private const HALF = 100;

    public function judge(Length $left, Length $centre, Length $right): Straightness
    {
        $half = Length::inches(self::HALF);
        $line = (new LineRule())->judge(
            [
                new LineReading($half->negated(), $left),
                new LineReading(Length::zero(), $centre),
                new LineReading($half, $right),
            ],
            $half->times(2),
        );

        return new Straightness(
            $line->state,
            match ($line->state) {
                StraightState::Move => $line->overWidth,
                StraightState::Bowed => $line->bow ?? Length::zero(),
                StraightState::Straight => Length::zero(),
            },
        );
    }
}

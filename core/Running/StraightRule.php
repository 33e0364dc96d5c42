<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Length;

/**
 * Rule 20 at three places: how far an edge or a seam lies off the line, at its left, centre and right, toward the quilter
 * positive. The slope over the width is the right less the left; where that is no more than an eighth, the middle may bow.
 */
final readonly class StraightRule
{
    private const FORGIVEN_INCHES = 0.125;

    public function judge(Length $left, Length $centre, Length $right): Straightness
    {
        $slope = $right->minus($left);
        $bow = $centre->minus($left->plus($right)->half());

        return match (true) {
            self::isOff($slope) => new Straightness(StraightState::Move, $slope),
            self::isOff($bow) => new Straightness(StraightState::Bowed, $bow),
            default => new Straightness(StraightState::Straight, Length::zero()),
        };
    }

    private static function isOff(Length $length): bool
    {
        return $length->absolute()->isLongerThan(Length::inches(self::FORGIVEN_INCHES));
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LineFit;
use Schwung\Core\Measure\Near;
use Schwung\Core\Measure\Polyline;

/**
 * Rule 20: how straight a seam or an edge lies, from readings along it: the slope by least squares, over the width; and
 * how far the middle of the outermost readings lies off their chord. An eighth of an inch is straight enough.
 */
final readonly class LineRule
{
    private const FEWEST = 2;
    private const FORGIVEN_INCHES = 0.125;

    /**
     * @param list<LineReading> $readings at places of their own, in any order
     * @param Length            $width    of the quilt
     *
     * @throws \InvalidArgumentException with fewer than two, or two at one place
     */
    public function judge(array $readings, Length $width): Line
    {
        usort($readings, static fn(LineReading $one, LineReading $other): int => $one->at->compareTo($other->at));
        if (\count($readings) < self::FEWEST) {
            throw new \InvalidArgumentException('A straight line needs readings at two places or more.');
        }
        foreach (\array_slice($readings, 1) as $i => $reading) {
            if (0 === $reading->at->compareTo($readings[$i]->at)) {
                throw new \InvalidArgumentException('Two readings are at one place.');
            }
        }
        $points = array_map(static fn(LineReading $reading): array => $reading->point(), $readings);
        $slope = LineFit::through($points)->slope;
        $overWidth = Length::millimetres($slope * $width->toMillimetres());
        $line = new Polyline($points);
        $bow =
            \count($readings) > self::FEWEST ? Length::millimetres($line->atMiddle() - $line->chordAtMiddle()) : null;

        return new Line(
            match (true) {
                self::isOff($overWidth) => StraightState::Move,
                null !== $bow && self::isOff($bow) => StraightState::Bowed,
                default => StraightState::Straight,
            },
            $slope,
            $overWidth,
            $bow,
        );
    }

    private static function isOff(Length $length): bool
    {
        return abs($length->toMillimetres()) >
            Length::inches(self::FORGIVEN_INCHES)->toMillimetres() + Near::MILLIMETRES;
    }
}

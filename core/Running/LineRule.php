<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;

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
        $slope = $this->slope($readings);
        $overWidth = Length::millimetres($slope * $width->toMillimetres());
        $bow = \count($readings) > self::FEWEST ? $this->bow($readings) : null;

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

    /** @param non-empty-list<LineReading> $readings */
    private function slope(array $readings): float
    {
        [$x, $y] = [0.0, 0.0];
        foreach ($readings as $reading) {
            $x += $reading->at->toMillimetres() / \count($readings);
            $y += $reading->off->toMillimetres() / \count($readings);
        }
        [$sxx, $sxy] = [0.0, 0.0];
        foreach ($readings as $reading) {
            $sxx += ($reading->at->toMillimetres() - $x) ** 2;
            $sxy += ($reading->at->toMillimetres() - $x) * ($reading->off->toMillimetres() - $y);
        }

        return $sxy / $sxx;
    }

    /** @param non-empty-list<LineReading> $readings from left to right */
    private function bow(array $readings): Length
    {
        [$first, $last] = [$readings[0], $readings[\count($readings) - 1]];
        $middle = ($first->at->toMillimetres() + $last->at->toMillimetres()) / 2;
        $chord = ($first->off->toMillimetres() + $last->off->toMillimetres()) / 2;
        $i = 1;
        while ($readings[$i]->at->toMillimetres() < $middle) {
            ++$i;
        }
        [$left, $right] = [$readings[$i - 1], $readings[$i]];
        $share = ($middle - $left->at->toMillimetres()) / ($right->at->toMillimetres() - $left->at->toMillimetres());
        $there = $left->off->toMillimetres() + $share * ($right->off->toMillimetres() - $left->off->toMillimetres());

        return Length::millimetres($there - $chord);
    }

    private static function isOff(Length $length): bool
    {
        return abs($length->toMillimetres()) >
            Length::inches(self::FORGIVEN_INCHES)->toMillimetres() + Near::MILLIMETRES;
    }
}

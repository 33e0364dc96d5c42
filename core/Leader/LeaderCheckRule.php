<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LineFit;
use Schwung\Core\Measure\Polyline;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/**
 * Rule 15, straightness: a leader is judged by the distances from a line stitched with the channel lock on.
 *
 * Where the leader is longer by Δ over a bed span S, cloth dips about √(3·S·Δ/8), a shallow arc (an estimate). Tilt is
 * the least-squares slope over the whole span; bow is the middle against the line through the ends.
 */
final readonly class LeaderCheckRule
{
    private const FEWEST = 3;
    /** Between the shortest and the longest distance: no cloth shows it, or it is seen and can be lived with. */
    private const GOOD_INCHES = 0.125;
    private const WATCHED_INCHES = 0.25;

    /**
     * @param list<Reading> $readings in order from left to right, at least three, no two at one station
     *
     * @throws \InvalidArgumentException if they are not
     */
    public function check(array $readings, Length $bedSpan): LeaderCheck
    {
        $this->requireOrder($readings);
        $least = Length::shortest(...array_map(static fn(Reading $reading): Length => $reading->distance, $readings));
        $most = Length::longest(...array_map(static fn(Reading $reading): Length => $reading->distance, $readings));
        $range = $most->minus($least);

        return new LeaderCheck(
            new Worked(
                Figure::measured($range),
                'The longest distance less the shortest. Up to an eighth of an inch is good, up to a quarter wants ' .
                    'watching.',
                [
                    new Term('longest', Figure::measured($most), 'reading'),
                    new Term('shortest', Figure::measured($least), 'reading'),
                ],
            ),
            $this->verdict($range),
            $this->tilt($readings),
            $this->bow($readings),
            array_map(
                fn(Reading $reading): StationResult => new StationResult(
                    $reading,
                    $this->cut($reading, $least),
                    $this->dip($reading->distance->minus($least), $bedSpan),
                ),
                $readings,
            ),
        );
    }

    /** How far cloth sinks that is longer than its span; all in one unit, $longer not below zero. */
    public static function sinks(float $span, float $longer): float
    {
        return sqrt((3 * $span * $longer) / 8);
    }

    /**
     * @param list<Reading> $readings
     *
     * @phpstan-assert non-empty-list<Reading> $readings
     */
    private function requireOrder(array $readings): void
    {
        if (\count($readings) < self::FEWEST) {
            throw new \InvalidArgumentException('A leader check needs at least three readings.');
        }
        foreach (\array_slice($readings, 1) as $i => $reading) {
            if (!$reading->at->isLongerThan($readings[$i]->at)) {
                throw new \InvalidArgumentException(
                    'Readings are in order from left to right, each at a station of its own.',
                );
            }
        }
    }

    private function verdict(Length $range): LeaderVerdict
    {
        return match (true) {
            !$range->isLongerThan(Length::inches(self::GOOD_INCHES)) => LeaderVerdict::Good,
            !$range->isLongerThan(Length::inches(self::WATCHED_INCHES)) => LeaderVerdict::Watch,
            default => LeaderVerdict::ReHem,
        };
    }

    /** @param non-empty-list<Reading> $readings */
    private function tilt(array $readings): Worked
    {
        $slope = LineFit::through(array_map(static fn(Reading $reading): array => $reading->point(), $readings))->slope;
        $span = $readings[\count($readings) - 1]->at->minus($readings[0]->at);

        return new Worked(
            Figure::measured(Length::millimetres($slope * $span->toMillimetres())),
            'The slope of the best straight line through the readings, over the whole span; positive where the ' .
                'right is longer.',
            [new Term('span', Figure::measured($span), \sprintf('%d readings', \count($readings)))],
        );
    }

    /** @param non-empty-list<Reading> $readings */
    private function bow(array $readings): Worked
    {
        $line = new Polyline(array_map(static fn(Reading $reading): array => $reading->point(), $readings));
        [$there, $chord] = [$line->atMiddle(), $line->chordAtMiddle()];

        return new Worked(
            Figure::measured(Length::millimetres($there - $chord)),
            'The reading at the middle of the span, less the straight line through the ends there; positive where ' .
                'the middle is longer.',
            [
                new Term('middle', Figure::measured(Length::millimetres($there)), 'between readings'),
                new Term('straight line', Figure::measured(Length::millimetres($chord)), 'both ends'),
            ],
        );
    }

    private function cut(Reading $reading, Length $least): Worked
    {
        return new Worked(
            Figure::measured($reading->distance->minus($least)),
            'What the leader is longer here than at its shortest.',
            [
                new Term('here', Figure::measured($reading->distance), 'reading'),
                new Term('shortest', Figure::measured($least), 'reading'),
            ],
        );
    }

    private function dip(Length $longer, Length $bedSpan): Worked
    {
        return new Worked(
            Figure::measured(Length::millimetres(self::sinks($bedSpan->toMillimetres(), $longer->toMillimetres()))),
            'How far the cloth sinks here when the rest is taut: √(3 × bed × longer ÷ 8), a shallow arc (an estimate).',
            [
                new Term('bed', Figure::measured($bedSpan), 'frame'),
                new Term('longer', Figure::measured($longer), 'reading'),
            ],
        );
    }
}

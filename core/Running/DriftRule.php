<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/**
 * Rule 16: a top's drift, by least squares of the mean register offset against what is wound on, with the standard
 * error of the fitted line at the tail edge.
 *
 * A margin of an inch is enough; none, an advance that moved the top by more than a quarter inch, or a skew of more
 * than that, wants acting on.
 */
final readonly class DriftRule
{
    private const FEWEST = 3;
    private const MOVED_INCHES = 0.25;
    private const ENOUGH_INCHES = 1;

    /** @param Length $sideMargin the lesser of both sides */
    public function __construct(private Length $sideMargin, private Length $along) {}

    /**
     * @param list<RegisterReading> $readings at different lengths
     *
     * @throws \InvalidArgumentException if two are at one length
     */
    public function judge(array $readings): Drift
    {
        usort(
            $readings,
            static fn(RegisterReading $one, RegisterReading $other): int => $one->wound->compareTo($other->wound),
        );
        foreach (\array_slice($readings, 1) as $i => $reading) {
            if (0 === $reading->wound->compareTo($readings[$i]->wound)) {
                throw new \InvalidArgumentException('Two readings are at one length.');
            }
        }
        $skew = [] === $readings ? null : $this->skew($readings[\count($readings) - 1]);

        return \count($readings) < self::FEWEST
            ? new Drift(DriftState::Unknown, null, null, null, null, $skew)
            : $this->fitted($readings, $skew);
    }

    /** @param list<RegisterReading> $readings in order, at least three */
    private function fitted(array $readings, ?Worked $skew): Drift
    {
        $n = \count($readings);
        $xs = array_map(static fn(RegisterReading $reading): float => $reading->wound->toMillimetres(), $readings);
        $ms = array_map(static fn(RegisterReading $reading): float => $reading->mean()->toMillimetres(), $readings);
        [$x, $m] = [array_sum($xs) / $n, array_sum($ms) / $n];
        [$sxx, $sxm, $sse] = [0.0, 0.0, 0.0];
        foreach ($xs as $i => $at) {
            $sxx += ($at - $x) ** 2;
            $sxm += ($at - $x) * ($ms[$i] - $m);
        }
        $slope = $sxm / $sxx;
        foreach ($xs as $i => $at) {
            $sse += ($ms[$i] - $m - $slope * ($at - $x)) ** 2;
        }
        $ahead = $this->along->toMillimetres() - $x;
        $forecast = Length::millimetres($m + $slope * $ahead);
        $error = Length::millimetres(sqrt($sse / ($n - 2)) * sqrt(1 / $n + $ahead ** 2 / $sxx));
        $left = $this->sideMargin->minus($forecast->absolute());

        return new Drift(
            $this->state($readings, $left),
            1000 * $slope,
            new Worked(
                Figure::measured($forecast),
                'The best straight line through the mean offsets, carried on to the tail edge.',
                [
                    new Term('mean of the offsets', Figure::measured(Length::millimetres($m)), "$n readings"),
                    new Term(
                        'still to wind on from their middle',
                        Figure::measured(Length::millimetres($ahead)),
                        \sprintf('%+.2f mm for each metre', 1000 * $slope),
                    ),
                ],
            ),
            new Worked(Figure::measured($error), 'The standard error of that line at the tail edge.', [
                new Term(
                    'readings',
                    Figure::measured(Length::millimetres(sqrt($sse / ($n - 2)))),
                    "scatter of $n about the line",
                ),
            ]),
            new Worked(Figure::left($left), 'The side margin less the forecast, on the side that it drifts to.', [
                new Term('side margin', Figure::left($this->sideMargin), 'backing'),
                new Term('forecast', Figure::measured($forecast), 'readings'),
            ]),
            $skew,
        );
    }

    private function skew(RegisterReading $last): Worked
    {
        return new Worked(Figure::measured($last->skew()), 'Right less left at the last reading.', [
            new Term('right', Figure::measured($last->right), 'reading'),
            new Term('left', Figure::measured($last->left), 'reading'),
        ]);
    }

    /** @param list<RegisterReading> $readings in order */
    private function state(array $readings, Length $marginLeft): DriftState
    {
        $quarter = Length::inches(self::MOVED_INCHES)->nanometres;
        [$before, $last] = \array_slice($readings, -2);
        $moved = abs($last->mean()->minus($before->mean())->nanometres);

        return match (true) {
            $marginLeft->isNegative(), $moved > $quarter, abs($last->skew()->nanometres) > $quarter => DriftState::Act,
            $marginLeft->isShorterThan(Length::inches(self::ENOUGH_INCHES)) => DriftState::Watch,
            default => DriftState::Ok,
        };
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Job\Finish;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;

/**
 * Rule 9, first half: how many rows of a design cover a quilt, and how they are made to end at the tail.
 *
 * Run off: as many rows as cover. Fit scale: the count or one less, whichever scale is nearer 1 (the larger count
 * when equally near), within 0.90 to 1.10. Fit gap: only the gaps change, to no less than minus half a row. A finish
 * that is not possible falls back to running off.
 */
final readonly class RowRule
{
    private const LEAST_SCALE = 0.9;
    private const GREATEST_SCALE = 1.1;

    /** @param Length $along the top from lead edge to tail edge */
    public function layOut(RowDesign $design, Length $along): RowLayout
    {
        $count = $this->covering($design, $along);

        return match ($design->finish) {
            Finish::RunOff => null,
            Finish::FitScale => $this->scaled($design, $along, $count),
            Finish::FitGap => $this->respaced($design, $along, $count),
        } ?? new RowLayout($count, 1.0, $design->height, $design->gap, $design->overhang, $along, Finish::RunOff, $design->finish);
    }

    private function covering(RowDesign $design, Length $along): int
    {
        $pitch = $design->height->plus($design->gap);
        $span = $this->span($design, $along)->plus($design->gap);

        return max(1, (int) ceil($span->minus(Length::ofNanometres(1))->nanometres / $pitch->nanometres));
    }

    private function span(RowDesign $design, Length $along): Length
    {
        return $along->plus($design->overhang->times(2));
    }

    private function scaled(RowDesign $design, Length $along, int $count): ?RowLayout
    {
        $best = $this->scaledTo($design, $along, $count);
        if ($count > 1) {
            $fewer = $this->scaledTo($design, $along, $count - 1);
            $best = abs($fewer->scale - 1) < abs($best->scale - 1) - 1e-12 ? $fewer : $best;
        }

        return $best->scale < self::LEAST_SCALE - 1e-9 || $best->scale > self::GREATEST_SCALE + 1e-9 ? null : $best;
    }

    private function scaledTo(RowDesign $design, Length $along, int $count): RowLayout
    {
        $asked = $design->height->plus($design->gap)->times($count)->minus($design->gap);
        $scale = $this->span($design, $along)->nanometres / $asked->nanometres;
        $times = static fn (Length $length): Length => Length::millimetres($length->toMillimetres() * $scale);

        return new RowLayout($count, $scale, $times($design->height), $times($design->gap), $design->overhang, $along, Finish::FitScale, $design->finish);
    }

    private function respaced(RowDesign $design, Length $along, int $count): ?RowLayout
    {
        if (1 === $count) {
            return null;
        }
        $gap = $this->span($design, $along)->minus($design->height->times($count))->scaledBy(1, $count - 1);
        $nestsTooFar = Near::isWithin($gap->toMillimetres(), $design->height->half()->negated()->toMillimetres());

        return $nestsTooFar ? null : new RowLayout($count, 1.0, $design->height, $gap, $design->overhang, $along, Finish::FitGap, $design->finish);
    }
}

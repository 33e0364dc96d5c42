<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;

/**
 * Rule 23: quilting draws the top in, so that the rows that are left no longer end where they were to. R is measured
 * from the last stitched row to the tail edge; n rows of height h and gap g are to end by the overhang o beyond it:
 * g' = (R + o)/n − h, or both scaled by c = (R + o)/(n·(h + g)).
 */
final readonly class RefitRule
{
    private const LEAST_SCALE = 0.9;
    private const GREATEST_SCALE = 1.1;
    private const WORTH_GAP_INCHES = 0.125;
    private const WORTH_END_INCHES = 0.25;
    /** A top is drawn in, not eaten: beyond this share of what was planned something else was measured. */
    private const MOST_OFF = 0.25;
    /** A tape over a quilt in the frame errs by as much. */
    private const TAPE_OFF_INCHES = 1;

    /** From the end of so many rows to the tail edge, before anything was drawn in. */
    public static function planned(RowLayout $rows, int $done): Length
    {
        return $rows->along->minus($rows->end($done - 1));
    }

    /**
     * @param int    $done     rows that are stitched, at least one and fewer than there are
     * @param Length $measured from the end of the last of them to the tail edge
     *
     * @throws \InvalidArgumentException where that cannot be the rest of this quilt
     */
    public function fit(RowLayout $rows, int $done, Length $measured): RefitChoice
    {
        if ($done < 1 || $done >= $rows->count) {
            throw new \InvalidArgumentException('Some rows must be stitched, and some left.');
        }
        $ended = $rows->end($done - 1);
        $planned = self::planned($rows, $done);
        $left = $rows->count - $done;
        if (
            abs($measured->minus($planned)->nanometres) >
            self::MOST_OFF * $planned->absolute()->nanometres + Length::inches(self::TAPE_OFF_INCHES)->nanometres
        ) {
            throw new \InvalidArgumentException('That is too far from what the plan has left.');
        }
        [$height, $gap] = [$rows->heightOf($done), $rows->gapBefore($done)];
        // Where the last row was to end, beyond the tail edge; as far it is to end now.
        $room = $measured->plus($rows->refitted(null)->beyondTail());
        $needed = $height->plus($gap)->times($left);
        $newGap = Length::ofNanometres((int) round($room->nanometres / $left) - $height->nanometres);
        $scale = $room->nanometres / $needed->nanometres;
        $off = $needed->minus($room);
        $times = static fn(Length $length): Length => Length::millimetres($length->toMillimetres() * $scale);

        return new RefitChoice(
            measured: $measured,
            planned: $planned,
            off: $off,
            rows: $left,
            isWorthIt: !$newGap->minus($gap)->absolute()->isShorterThan(Length::inches(self::WORTH_GAP_INCHES)) ||
                $off->absolute()->isLongerThan(Length::inches(self::WORTH_END_INCHES)),
            byGap: Near::isWithin($newGap->toMillimetres(), $height->half()->negated()->toMillimetres())
                ? null
                : new Refit($done, $ended->plus($newGap), $height, $newGap),
            byScale: $scale < self::LEAST_SCALE - 1e-9 || $scale > self::GREATEST_SCALE + 1e-9
                ? null
                : new Refit($done, $ended->plus($times($gap)), $times($height), $times($gap)),
            scale: $scale,
        );
    }
}

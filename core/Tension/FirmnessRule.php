<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** Rule 17: what the feel of both layers says of the finished quilt, and what to do before the next stitch. */
final readonly class FirmnessRule
{
    /**
     * @param Length|null $jumpedBack how far the cloth jumped when a side clamp was released; null where nobody looked
     *
     * @return list<Phrase> empty where all is well
     */
    public function advise(FirmnessReading $reading, ?Length $jumpedBack = null): array
    {
        $advice = [
            $reading->has(Firmness::Rings) ? Phrase::of('It rings: let off until it gives under the hand.') : null,
            $reading->has(Firmness::Hangs) ? Phrase::of('It hangs: take up until it is firm.') : null,
            $reading->balance() >= 1
                ? Phrase::of('The backing is the firmer: off the frame the edges will curl to the back.')
                : null,
            $reading->balance() <= -1
                ? Phrase::of('The top is the firmer: off the frame the edges will curl to the front.')
                : null,
            $reading->sideToSide() >= 1
                ? Phrase::of('One side is firmer than the other: look for drag lines from corner to corner.')
                : null,
            null !== $jumpedBack && $jumpedBack->isLongerThan(Length::inches(0.125))
                ? Phrase::of('The cloth jumped back by more than an eighth of an inch: the side clamp was too tight.')
                : null,
        ];

        return array_values(array_filter($advice));
    }
}

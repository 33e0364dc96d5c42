<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Phrase;

/**
 * What to slacken when a quilt stays on its frame overnight, and what to look at before the next stitch. Everyday rules
 * of the trade.
 */
final readonly class Parking
{
    /** @return list<Phrase> in order */
    public function before(Setup $setup): array
    {
        return array_values(
            array_filter([
                Phrase::of('Finish the row, or stop at a point of the design; needle up, threads cut.'),
                Phrase::of('Side clamps off: left on, they draw scallops overnight.'),
                Phrase::of(
                    $setup->isClamped()
                        ? 'Let the poles off until the bed just hangs; clamps stay.'
                        : 'Let both rollers off by two clicks, and leave them held.',
                ),
                $setup->isStretchy() ? Phrase::of('This backing stretches: let it hang quite slack.') : null,
                Phrase::of('Machine off, drawn to the side, the bed covered.'),
            ]),
        );
    }

    /** @return list<Phrase> in order */
    public function onReturn(Setup $setup): array
    {
        return [
            Phrase::of('Take up until it is firm with give, and hold it.'),
            Phrase::of('Look into the well, and feel left, centre and right: batting settles overnight.'),
            Phrase::of(
                $setup->winding->hasRatchet()
                    ? 'Read both register marks once more before anything is stitched.'
                    : 'Read both marks once more, and look that no roller has turned.',
            ),
            Phrase::of('Side clamps on; stitch and lock as the strip shows them.'),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Purpose;

/**
 * What of a pass is easily forgotten where several things are one step: a list to tick, in the order of the hands.
 *
 * @internal
 */
final readonly class PassTicks
{
    /** @return list<Phrase> how a line of stitching begins and ends, and what is looked at before the advance */
    public static function ofStitching(Setup $setup): array
    {
        $isBasting = $setup->is(Purpose::Basting);

        return [
            Phrase::of('Loose clamps and tools are off the bed.'),
            Phrase::of('To begin: bobbin thread up, two or three stitches in place.'),
            Phrase::of(
                'To end: the same, draw away %s to %s, needle down and up, draw away again, cut at the cloth.',
                Figure::measured(Length::inches(6)),
                Figure::measured(Length::inches(8)),
            ),
            Phrase::of(
                $isBasting
                    ? 'No stretch wider than a hand is left without a line.'
                    : 'The design is complete to the edge, and nothing is missed.',
            ),
        ];
    }

    /** @return list<Phrase> */
    public static function ofWinding(Setup $setup, bool $takesHoldOff): array
    {
        $hold = TopSteps::hanging($setup)->kind;

        return [
            Phrase::of('Side clamps off.'),
            ...$takesHoldOff ? [Phrase::of("The $hold off the hanging end.")] : [],
            Phrase::of('Wound, and held again.'),
        ];
    }

    /** @return list<Phrase> */
    public static function ofSettling(Setup $setup, bool $laysHoldOn): array
    {
        $hold = TopSteps::hanging($setup)->kind;
        $isPrebasted = $setup->is(Purpose::Prebasted);

        return array_map(Phrase::of(...), [
            'Smoothed from the centre out.',
            ...$laysHoldOn ? ["The hanging end drawn straight, the $hold on again."] : [],
            ...$setup->hasMarks() ? ['Marks read, left and right.'] : [],
            ...$isPrebasted
                ? ['The basting of the new bed cut where it will be crossed.']
                : ['The new sides basted' . ($setup->isBastedAllOver() ? ', and the lines across.' : '.')],
            ...!$isPrebasted && 'basting' === $setup->bastingState()
                ? ["The stitch set back to {$setup->stitches->quiltingPerInch} an inch."]
                : [],
            'Clamps on.',
        ]);
    }
}

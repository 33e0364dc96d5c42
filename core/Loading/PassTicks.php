<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Wind;
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
    public static function ofStitching(Setup $setup, Wind $wind): array
    {
        $isBasting = $setup->is(Purpose::Basting);
        $isGuided = !$isBasting && $setup->plan->job->frame->fittings->machine->isComputerGuided();

        return [
            Phrase::of('Loose clamps and tools are off the bed.'),
            ...self::ofReach($setup, $wind),
            ...$isGuided
                ? [
                    Phrase::of(
                        1 === $wind->number
                            ? 'The design is placed: needle over its first point, size and rows as planned.'
                            : 'The design is placed by the line before: the gap looked at, left, centre and right.',
                    ),
                    Phrase::of('Its path run once with the needle up, off the clamps at both sides.'),
                    Phrase::of(
                        "To begin and end: bobbin thread up, the machine's own tie-off; its tails cut at the cloth.",
                    ),
                ]
                : [
                    Phrase::of('To begin: bobbin thread up, two or three stitches in place.'),
                    Phrase::of(
                        'To end: the same, draw away %s to %s, needle down and up, draw away again, cut at the cloth.',
                        Figure::measured(Length::inches(Stitching::TAIL_INCHES[0])),
                        Figure::measured(Length::inches(Stitching::TAIL_INCHES[1])),
                    ),
                ],
            Phrase::of(
                $isBasting
                    ? 'No stretch wider than a hand is left without a line.'
                    : 'The design is complete to the edge, and nothing is missed.',
            ),
        ];
    }

    /** @return list<Phrase> where the far part of the bed is further than this person reaches without strain */
    private static function ofReach(Setup $setup, Wind $wind): array
    {
        $reach = $setup->body->reach;
        $depth = Length::shortest($wind->pass->depth()->length(), $setup->plan->job->frame->bed());
        $beyond = null === $reach ? null : $depth->minus($reach);

        return true === $beyond?->isPositive() && !$setup->plan->job->frame->fittings->machine->isComputerGuided()
            ? [
                Phrase::of(
                    'The far %s lie beyond your reach: from the rear, or with the work brought forward for them.',
                    Figure::measured($beyond),
                ),
            ]
            : [];
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
                : ["The {$setup->newSides()} basted" . ($setup->isBastedAllOver() ? ', and the lines across.' : '.')],
            ...!$isPrebasted && 'basting' === $setup->bastingState()
                ? ["The stitch set back to {$setup->stitches->quiltingPerInch} an inch."]
                : [],
            'Clamps on.',
        ]);
    }
}

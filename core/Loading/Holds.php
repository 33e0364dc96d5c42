<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\FirstFixings;

/**
 * How an edge is attached, in words for each holding system.
 *
 * @internal
 */
final readonly class Holds
{
    /** Of a roller: nearer to it a magnet comes to lie on a bar. */
    private const OFF_THE_END_INCHES = 2;

    /** @param string $what "the backing, right side down, to the take-up leader" */
    public function text(Setup $setup, End $end, ?Attachment $attachment, string $what): StepText
    {
        $system = $attachment->system ?? $setup->system($end);
        $count = $attachment?->count() ?? 0;
        $first = $setup->firstSide();
        $order = $this->order($setup);
        $apart =
            null === $attachment?->spacing
                ? Figure::measured($setup->practice->at(Distance::PinHand))
                : $attachment->spacing->figure;

        return match ($system) {
            HoldingSystem::Pins => $this->said(
                Phrase::of("Pin $what with $count pins, %s apart, $order.", $apart),
                Phrase::of("$count pins, %s apart", $apart),
                ucfirst($setup->habits->firstFixings->reason()) . '.',
                'Seen along the rail, the edge runs parallel to the ticks.',
                'Take out the pins of that side and begin again at the centre.',
                'Outermost pins point inward; run no hand along a pinned roll; count the pins.',
            ),
            HoldingSystem::Zip => $this->said(
                Phrase::of("Zip $what, centre on centre, from the $first."),
                Phrase::of('1 zip'),
                'The edge was pinned to its zip at the table.',
                'The centre marks meet, and the slider is closed to its end.',
                'Open it, and close it again without pulling the cloth.',
                'Pins sit in the zip: no hand along it.',
            ),
            HoldingSystem::ChannelClips => $this->clips($setup, $attachment, $what, $count),
            HoldingSystem::DowelClamps => $this->said(
                Phrase::of(
                    "Clamp $what, over the dowel in its casing, with $count dowel clamps, $order, at most %s between two.",
                    Figure::measured($setup->practice->at(Distance::DowelGap)),
                ),
                Phrase::of(HoldingSystem::DowelClamps->counted($count)),
                'Gaps between clamps let the cloth sag into scallops.',
                'The clamps touch or nearly touch along the whole edge.',
                'Slide them together from the centre.',
                null,
            ),
            HoldingSystem::Magnets => $this->said(
                Phrase::of(
                    "Fasten $what, over its casing, with $count magnets, %s apart: centre, both ends, then always " .
                        'the middle of the widest gap.',
                    $apart,
                ),
                Phrase::of("$count magnets, %s apart", $apart),
                'So the edge hangs evenly at every moment.',
                'No magnet sits where it comes to lie on a bar: none within %s of an end of the roller, none on the ' .
                    'leveller.',
                'Move that magnet along; off the bars before they turn.',
                "Strong magnets pinch. Keep them from implanted medical devices (ask the doctor or the device's " .
                    'maker), cards and electronics.',
                Figure::measured(Length::inches(self::OFF_THE_END_INCHES)),
            ),
            HoldingSystem::HookAndLoop => $this->said(
                Phrase::of("Press $what onto the strip with a flat hand, $order."),
                Phrase::of('1 strip'),
                'It holds at once: it wants to lie straight before it is pressed.',
                'No bubble between strip and cloth.',
                'Peel that part off and lay it again.',
                null,
            ),
            HoldingSystem::SpringClamps => $this->said(
                Phrase::of("Clamp $what with $count spring clamps: both ends, {$this->afterEnds($count)}."),
                Phrase::of("$count clamps"),
                'Ends first keep the edge as long as the pole.',
                'The edge lies along the pole without a wave between two clamps.',
                'Let one off by hand, smooth, clamp again.',
                'Spring clamps can fly back: let them off by hand.',
            ),
        };
    }

    /** Shared out from end to end, of an even number none stands at the centre. */
    private function afterEnds(int $count): string
    {
        return match (true) {
            3 === $count => 'then the centre',
            0 === $count % 2 => 'then between',
            default => 'the centre, then between',
        };
    }

    /** In which order the pieces go on, by the school. */
    private function order(Setup $setup): string
    {
        return match ($setup->habits->firstFixings) {
            FirstFixings::CentreOut => $setup->outward(),
            FirstFixings::CentreEndsFill => 'the centre and both ends first, then between them',
            FirstFixings::EndsFirst => "both ends first, then {$setup->outward()}",
        };
    }

    /** A long clip cannot be set at three places: something else holds the cloth there until it comes. */
    private function clipOrder(Setup $setup): string
    {
        return FirstFixings::CentreOut === $setup->habits->firstFixings
            ? ' pressed on ' . $this->order($setup)
            : ': hold centre and both ends with a temporary clip each, off as the clip comes there';
    }

    /** Of clips nobody has counted, neither how many they are nor how far they reach. */
    private function clips(Setup $setup, ?Attachment $attachment, string $what, int $count): StepText
    {
        $clips = 0 === $count ? HoldingSystem::ChannelClips->words() : HoldingSystem::ChannelClips->counted($count);

        return $this->said(
            Phrase::joined(
                Phrase::of("Clip $what, with {$clips}{$this->clipOrder($setup)}."),
                ...0 === $count ? [] : [$this->reach($setup, $attachment, $count)],
            ),
            Phrase::of($clips),
            'Clips hold the whole edge and leave no bites in it.',
            'The clips butt against each other, and the fold shows an even lip.',
            'Lift that clip, smooth the cloth, and press it again.',
            'A clip that springs off flies: press with the whole hand.',
        );
    }

    /** How far the run really reaches beyond the cloth, each side for itself where they differ. */
    private function reach(Setup $setup, ?Attachment $attachment, int $count): Phrase
    {
        [$left, $right] = $attachment?->overhang($setup->position) ?? [Length::zero(), Length::zero()];
        $isEven = abs($left->minus($right)->toMillimetres()) < 1;
        $reach = 1 === $count ? 'It reaches' : 'They reach';

        return $isEven
            ? Phrase::of("$reach %s beyond each side.", Figure::measured($left))
            : Phrase::of(
                "$reach %s beyond the left and %s beyond the right side.",
                Figure::measured($left),
                Figure::measured($right),
            );
    }

    private function said(
        Phrase $do,
        Phrase $figure,
        string $why,
        string $check,
        string $otherwise,
        ?string $caution,
        Figure ...$inCheck,
    ): StepText {
        return new StepText(
            $do,
            Phrase::of($why),
            Phrase::of($check, ...$inCheck),
            Phrase::of($otherwise),
            $figure,
            null === $caution ? null : Phrase::of($caution),
        );
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\ChannelLock;
use Schwung\Core\Practice\LineDirection;
use Schwung\Core\Practice\Stitches;

/**
 * The small steps that set machine and frame, and that are so easily forgotten.
 *
 * @internal
 */
final readonly class Stitching
{
    /** So long is a tail of thread drawn that a hand gets hold of it: from, to. */
    public const TAIL_INCHES = [6, 8];

    public static function setBasting(Setup $setup, Group $group, string $key = 'set-basting'): Step
    {
        return new Step(
            $key,
            $group,
            StepKind::Set,
            new StepText(
                do: Phrase::of('Set the stitch to ' . Stitches::words($setup->bastingStitches()) . ' for basting.'),
                why: Phrase::of('Long stitches come out easily.'),
                check: Phrase::of('The display, or the lever, shows it.'),
                otherwise: Phrase::of('Set it again: a mode may have its own length.'),
                figure: Phrase::of($setup->bastingStitches() . ' an inch'),
            ),
            Shown::Basting,
            0.3,
            leaves: [new Setting(StatePart::Stitch, $setup->bastingState())],
        );
    }

    public static function setQuilting(Setup $setup, Group $group, string $key = 'set-quilting'): Step
    {
        return new Step(
            $key,
            $group,
            StepKind::Set,
            new StepText(
                do: Phrase::of('Set the stitch back to ' . Stitches::words($setup->stitches->quiltingPerInch) . '.'),
                why: Phrase::of('Otherwise the first row is stitched at basting length.'),
                check: Phrase::of('The display, or the lever, shows it.'),
                otherwise: Phrase::of('Set it again, and stitch an inch on the margin.'),
                figure: Phrase::of($setup->stitches->quiltingPerInch . ' an inch'),
            ),
            Shown::Bed,
            0.3,
            leaves: [new Setting(StatePart::Stitch, 'quilting')],
        );
    }

    /** Locked, the bobbin thread cannot be reached: where it lies below still, it is raised first. */
    public static function lock(
        Sequence $sequence,
        Setup $setup,
        Group $group,
        string $key,
        Length $at,
        string $what,
    ): Step {
        $isClip = ChannelLock::WheelClip === $setup->habits->lock;
        $turn = $isClip ? 'put the clips on the wheels that run toward you' : 'turn the channel lock on, across';
        $isRaised = $sequence->is(StatePart::Bobbin, 'raised');
        $tail = array_map(
            static fn(int $inches): Figure => Figure::measured(Length::inches($inches)),
            self::TAIL_INCHES,
        );

        return new Step(
            $key,
            $group,
            StepKind::Set,
            new StepText(
                do: $isRaised
                    ? Phrase::of(
                        "Bring the needle over $what, %s from the lead hold, and $turn.",
                        Figure::measured($at),
                    )
                    : Phrase::of(
                        "Bring the needle over $what, %s from the lead hold. Raise the bobbin thread, draw away %s to %s, " .
                            "needle down and up, draw again; then $turn.",
                        Figure::measured($at),
                        ...$tail,
                    ),
                why: Phrase::of(
                    $isRaised
                        ? 'Held to one axis, the needle draws a straight line along the rail.'
                        : 'Once the channel is locked the bobbin thread cannot be reached.',
                ),
                check: Phrase::of('The head moves sideways and not toward you.'),
                otherwise: Phrase::of($isClip ? 'Press the clip on again, at both wheels.' : 'Lock it at both wheels.'),
                figure: Phrase::of('lock on at %s', Figure::measured($at)),
                caution: $isRaised ? null : Phrase::of('Fingers clear of the needle.'),
            ),
            Shown::Side,
            $isRaised ? 0.2 : 0.7,
            leaves: [new Setting(StatePart::Bobbin, 'raised'), new Setting(StatePart::ChannelLock, 'across')],
            does: static fn(ClothState $cloth): ClothState => $cloth->lockAt($at),
        );
    }

    /** Which way a straight line across is stitched. */
    public static function way(Setup $setup): string
    {
        return LineDirection::FromCentre === $setup->habits->direction
            ? $setup->outward()
            : "from the {$setup->firstSide()} end to the other";
    }

    /** @param string $what what they hold, as ClothState has it */
    public static function pinsOut(int $count, Group $group, string $key, string $what): Step
    {
        return new Step(
            $key,
            $group,
            StepKind::Hold,
            new StepText(
                do: Phrase::of("Take out all $count pins and count them."),
                why: Phrase::of('A pin left in meets the needle or the roll.'),
                check: Phrase::of("$count counted in, $count counted out."),
                otherwise: Phrase::of('Run a magnet over the bed until the last is found; do not stitch before.'),
                figure: Phrase::of("$count out"),
                caution: Phrase::of('Points: no flat hand over the bed.'),
            ),
            Shown::Bed,
            0.5,
            leaves: [new Setting(StatePart::Pins, '0')],
            does: static fn(ClothState $cloth): ClothState => $cloth->take($what),
        );
    }

    public static function foot(string $foot, Group $group, string $key): Step
    {
        $isDisc = 'disc' === $foot;

        return new Step(
            $key,
            $group,
            StepKind::Set,
            new StepText(
                do: Phrase::of(
                    $isDisc ? 'Put the disc foot on: this edge has fullness.' : "Put the $foot foot back on.",
                ),
                why: Phrase::of(
                    $isDisc
                        ? 'It slides over fullness that an open foot would catch.'
                        : 'The quilting was planned with it.',
                ),
                check: Phrase::of('The needle passes through its middle, turned by hand.'),
                otherwise: Phrase::of('Loosen, seat it anew, tighten.'),
                figure: Phrase::of("$foot foot"),
                caution: Phrase::of('Machine off before the foot is changed.'),
            ),
            Shown::Side,
            1,
            leaves: [new Setting(StatePart::Foot, $foot)],
        );
    }

    /** @param string $held "the edge is": what keeps the layers by now */
    public static function pullReference(string $held): Step
    {
        return new Step(
            'pull-reference',
            Group::Top,
            StepKind::Set,
            new StepText(
                do: Phrase::of("Pull the reference basting out, now that $held held."),
                why: Phrase::of('The first row crosses it: threads stitched over lock together and are hard to pick.'),
                check: Phrase::of('No basting thread lies above the edge.'),
                otherwise: Phrase::of('Snip every hand and pull in short lengths.'),
                figure: Phrase::of('line out'),
            ),
            Shown::Basting,
            1,
            leaves: [new Setting(StatePart::Reference, 'out')],
            does: static fn(ClothState $cloth): ClothState => $cloth->pick(LineKind::Reference->value),
        );
    }

    /** @return list<Setting> that rollers or poles are held, as far as the frame has them */
    public static function held(Setup $setup): array
    {
        return $setup->isClamped()
            ? [new Setting(StatePart::Poles, 'held')]
            : [new Setting(StatePart::TakeUp, 'held'), new Setting(StatePart::Backing, 'held')];
    }
}

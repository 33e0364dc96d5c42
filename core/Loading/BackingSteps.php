<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Purpose;

/**
 * The backing on a frame with leaders: attached at both ends, evened by winding, looked at, and eased. A basted
 * sandwich goes on the same way by its backing.
 *
 * @internal
 */
final readonly class BackingSteps
{
    public function addTo(Sequence $sequence, Setup $setup): void
    {
        $sequence->add(
            $this->route($setup),
            $this->attach($setup, End::Lead),
            $this->windOn($setup),
            $this->attach($setup, End::Tail),
            $this->even($setup),
            $this->inspect($setup),
            $this->ease($setup),
        );
    }

    /** What goes on the leaders. */
    private function cloth(Setup $setup): string
    {
        return $setup->is(Purpose::Prebasted) ? 'basted quilt' : 'backing';
    }

    private function route(Setup $setup): Step
    {
        return new Step(
            'route',
            Group::Backing,
            StepKind::Look,
            new StepText(
                do: Phrase::of(
                    'Free the leader flaps and run the leaders as the drawing shows: the take-up leader under the ' .
                        'leveller bar, the other over the front bar.',
                ),
                why: Phrase::of('A leader on the wrong side of a bar makes the bed slope.'),
                check: Phrase::of('Seen from the end, both leaders lie level with the bed.'),
                otherwise: Phrase::of('Unwind to the leader and run it again.'),
                caution: Phrase::of('A released ratchet lets the roll spin: hold the roll before unlocking.'),
            ),
            Shown::Side,
            2,
            leaves: [new Setting(StatePart::Flaps, 'free'), ...$this->ratchets('held')],
        );
    }

    private function attach(Setup $setup, End $end): Step
    {
        $attachment = End::Lead === $end ? $setup->held->lead : $setup->held->tail;
        $roller =
            End::Lead === $end
                ? 'the take-up leader'
                : (FrameKind::RollerFrontBacking === $setup->kind()
                    ? 'the leader of the front roller'
                    : 'the backing leader');
        $wayUp = $setup->is(Purpose::Prebasted) ? 'top side up' : 'right side down';

        return new Step(
            'attach-' . $end->value,
            Group::Backing,
            StepKind::Attach,
            (new Holds())->text($setup, $end, $attachment, "the {$this->cloth($setup)}, $wayUp, to $roller"),
            End::Lead === $end ? Shown::LeadRail : Shown::TailRail,
            $this->minutes($attachment),
            needs: [
                new Setting(StatePart::Flaps, 'free'),
                new Setting(End::Lead === $end ? StatePart::TakeUp : StatePart::Backing, 'held'),
                new Setting(StatePart::Firmness, 'slack'),
            ],
        );
    }

    private function minutes(?Attachment $attachment): float
    {
        return null === $attachment ? 4 : max(1.0, $attachment->minutes()) + 1;
    }

    private function windOn(Setup $setup): Step
    {
        $cloth = $this->cloth($setup);

        return new Step(
            'wind-on',
            Group::Backing,
            StepKind::Wind,
            new StepText(
                do: Phrase::of(
                    "Wind the $cloth onto the take-up roller, smoothing from the centre out, " .
                        'until %s hang before the front bar; hold it again.',
                    Figure::measured(Length::inches(12)),
                ),
                why: Phrase::of('The other end is attached without weight on it.'),
                check: Phrase::of('Side edges wind on over themselves.'),
                otherwise: Phrase::of('Wind back to where the edge still lay straight.'),
                figure: Phrase::of('%s', Figure::measured(Length::inches(12))),
                caution: Phrase::of(
                    'Hold the roll before unlocking; hair, cords and sleeves away from a motorised roller.',
                ),
            ),
            Shown::Side,
            3,
            needs: [new Setting(StatePart::Flaps, 'free'), new Setting(StatePart::Firmness, 'slack')],
            leaves: [new Setting(StatePart::TakeUp, 'held')],
        );
    }

    private function even(Setup $setup): Step
    {
        $times = $setup->isLarge() || $setup->isStretchy() ? 'three times' : 'twice';
        $cloth = $this->cloth($setup);

        return new Step(
            'even',
            Group::Backing,
            StepKind::Wind,
            new StepText(
                do: Phrase::of("Free both rollers and wind the whole $cloth to the backing roller and back, $times."),
                why: Phrase::of('What was attached unevenly shares itself out.'),
                check: Phrase::of('Each time the selvedges lie on themselves, and no wrinkle runs in.'),
                otherwise: Phrase::of('Wind once more, a hand flat on the side that is looser.'),
                figure: Phrase::of($times),
                caution: Phrase::of('Both rollers run free now: one hand on each, or a second person.'),
            ),
            Shown::Side,
            'twice' === $times ? 4 : 6,
            needs: [new Setting(StatePart::Flaps, 'free')],
            leaves: $this->ratchets('free'),
        );
    }

    private function inspect(Setup $setup): Step
    {
        return new Step(
            'inspect',
            Group::Backing,
            StepKind::Look,
            new StepText(
                do: Phrase::of(
                    'Hold both rollers, take up until it is firm, and look into the well between the bars and along ' .
                        'both rolls.',
                ),
                why: Phrase::of('Drag lines, ripples and a slack side are mended now or quilted in.'),
                check: Phrase::of('No diagonal pull, no crease, and both sides as firm as the centre.'),
                otherwise: Phrase::of(
                    'Creases: a little mist, and wait. A slack side: shift the attachment there, and wind again.',
                ),
                caution: Phrase::of('Mist away from motor, switches and rails.'),
            ),
            Shown::Side,
            3,
            leaves: [...$this->ratchets('held'), new Setting(StatePart::Firmness, 'firm')],
            reads: ReadingKind::Firmness,
        );
    }

    private function ease(Setup $setup): Step
    {
        [$clicks, $state] = $setup->is(Purpose::Basting) ? ['two clicks', 'loose'] : ['one click', 'softer'];

        return new Step(
            'ease',
            Group::Backing,
            StepKind::Set,
            new StepText(
                do: Phrase::of(
                    $setup->is(Purpose::Basting)
                        ? "Let off $clicks: for basting it lies loose."
                        : "Let off $clicks: firm with give, never so that it rings.",
                ),
                why: Phrase::of(
                    $setup->is(Purpose::Basting)
                        ? 'What is basted tight puckers when it is loaded again.'
                        : 'A backing firmer than the other layers makes the edges curl.',
                ),
                check: Phrase::of('Pressed in the middle, the cloth gives and comes back.'),
                otherwise: Phrase::of('It hangs: take up a click. It rings: let off another.'),
                figure: Phrase::of($clicks),
            ),
            Shown::Side,
            1,
            needs: [new Setting(StatePart::TakeUp, 'held'), new Setting(StatePart::Backing, 'held')],
            leaves: [new Setting(StatePart::Firmness, $state)],
        );
    }

    /** @return list<Setting> */
    private function ratchets(string $value): array
    {
        return [new Setting(StatePart::TakeUp, $value), new Setting(StatePart::Backing, $value)];
    }
}

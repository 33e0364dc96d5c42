<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\RequiredSize;
use Schwung\Core\Sizing\TrimLines;

/**
 * What is done with backing and top at the table, before anything is on the frame: pressed, squared, and folded against
 * each other, so that a backing of the wrong size is found while it can still be mended.
 *
 * @internal
 */
final readonly class TableSteps
{
    /** Less than this is not worth a cut. */
    public function addTo(Sequence $sequence, Setup $setup): void
    {
        $sequence->add($this->press($setup));
        $trim = $this->trim($setup);
        if (null !== $trim) {
            $sequence->add($this->isShort($setup) ? $this->straighten() : $this->square($trim));
        }
        if (!$this->isShort($setup)) {
            $sequence->add($this->quarters($setup));
        }
    }

    /** It is loaded all the same: squared up it would be too small, and in quarters it shows nothing that can be read. */
    private function isShort(Setup $setup): bool
    {
        return BackingState::Short === $setup->plan->chosenPlan()->backing->state();
    }

    private function press(Setup $setup): Step
    {
        $selvedges = [] === $setup->plan->job->backing->seams ? '' : ' Cut the selvedges off inside its seams.';

        return new Step(
            'press',
            Group::Ready,
            StepKind::Prepare,
            new StepText(
                do: Phrase::of(
                    "Press the backing, and take lint, hair and threads off both sides of backing and top.$selvedges",
                ),
                why: Phrase::of('A crease is quilted in, and what is dark shows through.'),
                check: Phrase::of('Held against the light, nothing dark lies on either.'),
                otherwise: Phrase::of('Mist and press once more; roll the lint off again.'),
                caution: Phrase::of(
                    $setup->isStretchy()
                        ? 'A hot iron melts pile: cool, and from the back, by the maker\'s care label.'
                        : 'A hot iron: by the care label, its cord out of the way.',
                ),
            ),
            Shown::Bed,
            8,
        );
    }

    /** @return Phrase|null which cuts square it up; null where it is square, or nobody measured whether it is */
    private function trim(Setup $setup): ?Phrase
    {
        $cloth = $setup->plan->cloth;
        if (!$cloth->isSquareKnown) {
            return null;
        }
        [$texts, $figures] = [[], []];
        foreach ((new TrimLines())->beyond($cloth) as $side => [$one, $other]) {
            if (Length::longest($one, $other)->isShorterThan($setup->practice->at(Distance::TableTrim))) {
                continue;
            }
            $ends = \in_array($side, ['top', 'bottom'], true) ? ['left', 'right'] : ['the top', 'the bottom'];
            $texts[] = "its $side side by %s at {$ends[0]} and %s at {$ends[1]}";
            array_push($figures, ...array_map(Figure::measured(...), [$one, $other]));
        }

        return [] === $texts
            ? null
            : Phrase::of('Square the backing up: cut ' . implode(', ', $texts) . '.', ...$figures);
    }

    private function straighten(): Step
    {
        return new Step(
            'square',
            Group::Ready,
            StepKind::Prepare,
            new StepText(
                do: Phrase::of(
                    'Cut only lead and tail of the backing straight and parallel, as little as that takes; leave the ' .
                        'sides as they are.',
                ),
                why: Phrase::of('Squared up all round it would be too small; a straight end still hangs evenly.'),
                check: Phrase::of('Both ends lie along a straight edge, and are parallel.'),
                otherwise: Phrase::of('Measure its sides and a diagonal again, and enter them, before more is cut.'),
                caution: Phrase::of('Rotary cutter: the blade closed whenever it is laid down.'),
            ),
            Shown::Bed,
            6,
        );
    }

    private function square(Phrase $trim): Step
    {
        return new Step(
            'square',
            Group::Ready,
            StepKind::Prepare,
            new StepText(
                do: $trim,
                why: Phrase::of('A crooked edge on a straight leader pulls the whole cloth to one corner.'),
                check: Phrase::of('Folded in half both ways, edge lies on edge.'),
                otherwise: Phrase::of('Measure its sides and a diagonal again, and enter them, before more is cut.'),
                caution: Phrase::of('Rotary cutter: the blade closed whenever it is laid down.'),
            ),
            Shown::Bed,
            10,
        );
    }

    /** Folded twice each, laid fold on fold, half of what is over shows at each open side. */
    private function quarters(Setup $setup): Step
    {
        $check = $setup->plan->chosenPlan()->backing;
        $half = static fn(Length $backing, Length $top): Length => Length::longest(
            Length::zero(),
            $backing->minus($top)->half(),
        );
        $shows = [
            Figure::left($half($check->squaredUp->across, $setup->across())),
            Figure::left($half($check->squaredUp->along, $setup->along())),
        ];
        // A plan that goes on with less than was asked for needs no more than that.
        [$across, $along] = array_map(
            static fn(BackingState $state): RequiredSize => BackingState::Tight === $state
                ? $check->workedOut
                : $check->required,
            [$check->stateAcross, $check->stateAlong],
        );
        $needs = [
            Figure::needed($half($across->across->length(), $setup->across())),
            Figure::needed($half($along->along->length(), $setup->along())),
        ];

        return new Step(
            'quarters',
            Group::Ready,
            StepKind::Prepare,
            new StepText(
                do: Phrase::of(
                    'Fold the backing twice and the top twice and lay fold on fold: %s of backing must show at the side, ' .
                        '%s at the end.',
                    ...$shows,
                ),
                why: Phrase::of('It tells in a minute whether they belong together, and which way round.'),
                check: Phrase::of('This plan needs %s at the side and %s at the end.', ...$needs),
                otherwise: Phrase::of(
                    'Less shows, or the two are swapped: measure both again before anything is loaded.',
                ),
                figure: Phrase::of('%s and %s', ...$shows),
            ),
            Shown::Bed,
            3,
        );
    }
}

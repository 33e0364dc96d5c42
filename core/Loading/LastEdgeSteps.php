<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\LastEdge;
use Schwung\Core\Practice\Purpose;

/**
 * The near edge, once it has come over the front bar and nothing but pins and basting holds it.
 *
 * @internal
 */
final readonly class LastEdgeSteps
{
    private const PIN_INCHES = 8;

    /** Named one advance ahead. */
    public static function ahead(Setup $setup): Phrase
    {
        return Phrase::of(
            "At the next advance the tail edge comes over the {$setup->front()}" .
                ($setup->isPinnedTogether()
                    ? ' with its pins in it: count them before the needle comes near.'
                    : ($setup->walksLastEdge()
                        ? ', and is walked off its roller.'
                        : ', and its last hold lets go: lay pins ready.')),
        );
    }

    /** @param int|null $section where the pass begins; null where the whole width is in reach */
    public function addTo(Sequence $sequence, Setup $setup, int $pass, ?int $section): void
    {
        if (LastEdge::ByBlock === $setup->habits->lastEdge) {
            $sequence->add($this->byBlock($setup, $pass));

            return;
        }
        if ($setup->walksLastEdge()) {
            $sequence->add($this->walk($setup, $pass));

            return;
        }
        $pinned = $sequence->cloth()->pieces['tail-edge'] ?? null;
        $count = $pinned->count ?? 1 + (int) ceil($setup->across()->toInches() / self::PIN_INCHES);
        $here = null === $section ? $count : (new SectionPins($setup))->in($section);
        $sequence->add(
            null === $pinned
                ? $this->pin($setup, $pass, $count, $sequence->state()->pins())
                : $this->findPinned($setup, $pass, $count, $here),
            $this->baste($setup, $pass, $here, $count - $here),
        );
    }

    /** What held it until now, as it is let go. */
    private function letGo(Setup $setup): string
    {
        return match (true) {
            FloatKind::Full !== $setup->float() => 'Free the tail edge from the top roller',
            $setup->isClamped() => 'Let the spring clips off the tail edge',
            default => 'Lay the tail edge flat',
        };
    }

    /** The top's own hold comes off; what holds the backing stays. */
    private static function free(ClothState $cloth): ClothState
    {
        return $cloth->takeAny('top', 'hanging-end', 'loose');
    }

    /** Loaded as one piece, its tail edge has been pinned since the table, and comes out of the roll with its pins. */
    private function findPinned(Setup $setup, int $pass, int $count, int $here): Step
    {
        return new Step(
            'pin-tail',
            Group::LastEdge,
            StepKind::Hold,
            new StepText(
                do: Phrase::of(
                    $this->letGo($setup) .
                        ", lay it straight, and count its $count pins: they have been in since the table.",
                ),
                why: Phrase::of('It has come out of the roll: from here on only the pins hold the layers together.'),
                check: Phrase::of("It lies parallel to the pole; $count counted."),
                otherwise: Phrase::of('Take a pin out, smooth, and set it again.'),
                figure: Phrase::of("$count pins"),
                caution: Phrase::of('Spring clips can fly back. Points away from the hand.'),
            ),
            Shown::Basting,
            2,
            leaves: [new Setting(StatePart::Pins, (string) $here), new Setting(StatePart::Tail, 'pinned')],
            pass: $pass,
            does: static fn(ClothState $cloth): ClothState => self::free($cloth)->bringIn('tail-edge'),
        );
    }

    private function pin(Setup $setup, int $pass, int $count, int $before): Step
    {
        $fullness = $setup->fullnessAt(End::Tail);
        $full = $fullness->isPositive()
            ? Phrase::of(
                $this->letGo($setup) .
                    " and pin it exactly where it belongs with $count pins, centre first, %s of fullness shared " .
                    'between them.',
                Figure::measured($fullness),
            )
            : Phrase::of($this->letGo($setup) . " and pin it exactly where it belongs with $count pins, centre first.");

        return new Step(
            'pin-tail',
            Group::LastEdge,
            StepKind::Hold,
            new StepText(
                do: $full,
                why: Phrase::of("It is over the {$setup->front()}: nothing else holds it now."),
                check: Phrase::of("Its centre meets the mark; it lies parallel to the bar; $count counted in."),
                otherwise: Phrase::of('Out from the worse end, smooth, pin again.'),
                figure: Phrase::of("$count pins"),
                caution: Phrase::of('Points away from the hand; none in the path of the needle.'),
            ),
            Shown::Basting,
            3,
            leaves: [new Setting(StatePart::Pins, (string) ($before + $count)), new Setting(StatePart::Tail, 'pinned')],
            pass: $pass,
            does: static fn(ClothState $cloth): ClothState => self::free($cloth)->put(
                'tail-edge',
                new Pieces('pins', $count, Where::Bed),
            ),
            school: $setup->habits->lastEdge,
        );
    }

    /** @param int $beyond pins of sections that come into reach by moves sideways */
    private function baste(Setup $setup, int $pass, int $count, int $beyond): Step
    {
        [$edge, $all, $stillIn] = $setup->isInSections()
            ? ['tail edge of this section', "its $count", ", $beyond still in beyond it"]
            : ['tail edge', "all $count", ''];
        $isLong = BastingStitch::Long === $setup->habits->stitch && $setup->is(Purpose::Quilting);
        $at = $isLong ? " at {$setup->bastingStitches()} stitches an inch" : '';
        $back = $isLong ? ", set the stitch back to {$setup->stitches->quiltingPerInch}" : '';

        return new Step(
            'baste-tail',
            Group::LastEdge,
            StepKind::Baste,
            new StepText(
                do: Phrase::of(
                    "Baste the $edge from the middle outward$at, %s inside, the second run begun a little across the " .
                        "first$back, and take out $all pins.",
                    Figure::measured($setup->inset()),
                ),
                why: Phrase::joined(
                    Phrase::of('Pins alone let the edge creep before the foot.'),
                    ...$this->dips($setup),
                ),
                check: Phrase::of("$count counted out$stillIn; no basting thread sticks up for the foot to catch."),
                otherwise: Phrase::of('Trim stray threads; look for the missing pin before you stitch.'),
                figure: $isLong
                    ? Phrase::of("back to {$setup->stitches->quiltingPerInch} an inch")
                    : Phrase::of("$count pins out"),
                caution: Phrase::of('Pins out as the needle comes near: never stitch over one.'),
            ),
            Shown::Basting,
            3,
            needs: [new Setting(StatePart::ChannelLock, 'off'), new Setting(StatePart::Tail, 'pinned')],
            leaves: [new Setting(StatePart::Pins, '0'), new Setting(StatePart::Tail, 'basted')],
            pass: $pass,
            does: static fn(ClothState $cloth): ClothState => $cloth
                ->baste(LineKind::Tail->value, new LineIn(LineKind::Tail, null, true))
                ->take('tail-edge')
                ->putAny('tail-beyond', new Pieces('pins', $beyond)),
        );
    }

    private function walk(Setup $setup, int $pass): Step
    {
        $pieces = ($setup->held->top->system ?? HoldingSystem::Pins)->words();
        $isLong = BastingStitch::Long === $setup->habits->stitch && $setup->is(Purpose::Quilting);
        $back = $isLong ? " At the end set the stitch back to {$setup->stitches->quiltingPerInch}." : '';
        $at = $isLong ? " at {$setup->bastingStitches()} stitches an inch" : '';

        return new Step(
            'walk-tail',
            Group::LastEdge,
            StepKind::Baste,
            new StepText(
                do: Phrase::of(
                    "Walk the tail edge off the top roller: draw two or three $pieces, fold that part down where it " .
                        "belongs, baste it on$at, %s inside, and go on to the next.$back",
                    Figure::measured($setup->inset()),
                ),
                why: Phrase::joined(
                    Phrase::of('It never hangs, and no part of it can be drawn aside.'),
                    ...$this->dips($setup),
                ),
                check: Phrase::of('It comes straight down, never at a slant; its centre meets the mark.'),
                otherwise: Phrase::of('Take out the last hand of stitches, and fold that part down anew.'),
                figure: Phrase::of('two or three at a time'),
                caution: Phrase::of('Hands clear of the needle; count what comes off.'),
            ),
            Shown::Basting,
            5,
            needs: [new Setting(StatePart::ChannelLock, 'off')],
            leaves: [new Setting(StatePart::Tail, 'basted')],
            pass: $pass,
            does: static fn(ClothState $cloth): ClothState => self::free($cloth)->baste(
                LineKind::Tail->value,
                new LineIn(LineKind::Tail, null, true),
            ),
            school: LastEdge::Walked,
        );
    }

    /** @return list<Phrase> that an all-over design holds the edge by itself where it dips to it closely enough */
    private function dips(Setup $setup): array
    {
        $apart = $setup->dips;

        return null === $apart || $apart->isLongerThan($setup->practice->at(Distance::OnePull))
            ? []
            : [
                Phrase::of(
                    'The design dips to this edge, at most %s apart: where it does, that holds it, and basting is not missed.',
                    Figure::measured($apart),
                ),
            ];
    }

    /** @return list<Phrase> one for each block along the edge, from its seams; none where these are not known */
    private function blocks(Setup $setup): array
    {
        $seams = array_map(
            static fn(TopSeam $seam): Length => $seam->at,
            $setup->plan->job->top->seamsRollerToRoller($setup->plan->chosen()),
        );
        if ([] === $seams) {
            return [];
        }
        $inset = Figure::measured($setup->inset());
        $ticks = [];
        foreach ([...$seams, $setup->across()] as $i => $to) {
            $from = 0 === $i ? Length::zero() : $seams[$i - 1];
            $ticks[] = Phrase::of(
                'From %s to %s from the left: smooth, travel at %s inside, a lock stitch.',
                Figure::measured($from),
                Figure::measured($to),
                $inset,
            );
        }

        return Hand::Right === $setup->body->hand ? array_reverse($ticks) : $ticks;
    }

    private function byBlock(Setup $setup, int $pass): Step
    {
        return new Step(
            'secure-tail',
            Group::LastEdge,
            StepKind::Baste,
            new StepText(
                do: Phrase::of(
                    $this->letGo($setup) .
                        ', and secure it a block at a time within the width of the binding as you quilt along it' .
                        ($setup->isClamped() ? ', its pins out one by one.' : '.'),
                ),
                why: Phrase::joined(
                    Phrase::of('Each block keeps its own place, and no long line has to be basted.'),
                    ...$this->dips($setup),
                ),
                check: Phrase::of('The free part hangs straight beside the block at hand.'),
                otherwise: Phrase::of('Pin the next block where it belongs before you reach it.'),
                figure: Phrase::of('block by block'),
                caution: Phrase::of(
                    'Hands that hold the edge stay clear of the needle. A ruler foot with its side on the edge is a quarter ' .
                        'inch off: too deep for the binding.',
                ),
            ),
            Shown::Basting,
            2,
            needs: [new Setting(StatePart::ChannelLock, 'off')],
            leaves: [new Setting(StatePart::Tail, 'basted')],
            pass: $pass,
            does: static fn(ClothState $cloth): ClothState => self::free($cloth)
                ->bringIn('tail-edge')
                ->baste(LineKind::Tail->value, new LineIn(LineKind::Tail, null, true))
                ->takeAny('tail-edge'),
            school: $setup->habits->lastEdge,
            ticks: $this->blocks($setup),
        );
    }
}

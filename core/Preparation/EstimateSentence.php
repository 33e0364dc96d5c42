<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Range;
use Schwung\Core\Practice\Practice;

/** Says a range in words, with the measure that would settle it. */
final readonly class EstimateSentence
{
    public function of(Estimate $estimate): Phrase
    {
        [$across, $along] = [$estimate->spareAcross, $estimate->spareAlong];
        $said = match (true) {
            null === $across || null === $along => Phrase::of(
                'It needs a backing of %s across and %s along%s',
                $this->needed($estimate->across),
                $this->needed($estimate->along),
                '',
            ),
            !$across->low->isNegative() && !$along->low->isNegative() => Phrase::of(
                'It will load, with %s to spare across and %s along%s',
                $this->spare($across),
                $this->spare($along),
                '',
            ),
            default => $this->short($across, $along),
        };
        $next = $estimate->next();

        return match (true) {
            null === $next && null === $across => Phrase::of('%s: measure its sides next.', $said),
            null === $next => Phrase::of('%s.', $said),
            default => Phrase::of('%s: measure %s to know.', $said, $next->inASentence()),
        };
    }

    /** What may be missing, or is. */
    private function short(Range $across, Range $along): Phrase
    {
        $ways = array_filter(
            ['across' => $across, 'along' => $along],
            static fn(Range $spare): bool => $spare->low->isNegative(),
        );
        $isMissing = [] !== array_filter($ways, static fn(Range $spare): bool => $spare->high->isNegative());
        $parts = array_map(
            fn(Range $spare, string $way): Phrase => Phrase::of('%s ' . $way, $this->missing($spare)),
            $ways,
            array_keys($ways),
        );
        $opening = $isMissing ? 'Not yet: ' : 'It may load or not: ';

        return 1 === \count($parts)
            ? Phrase::of($opening . '%s', $parts[0])
            : Phrase::of($opening . '%s, and %s', ...$parts);
    }

    private function missing(Range $spare): Phrase
    {
        return match (true) {
            $spare->isClosed() => Phrase::of('%s short', Figure::missing($spare->low->negated())),
            $spare->high->isNegative() => Phrase::of(
                'between %s and %s short',
                Figure::missing($spare->high->negated()),
                Figure::missing($spare->low->negated()),
            ),
            !$this->isSeen($spare->high) => Phrase::of(
                'between %s short and exactly enough',
                Figure::missing($spare->low->negated()),
            ),
            default => Phrase::of(
                'between %s short and %s to spare',
                Figure::missing($spare->low->negated()),
                Figure::left($spare->high),
            ),
        };
    }

    private function spare(Range $spare): Phrase
    {
        return match (true) {
            $spare->isClosed() => Phrase::of('%s', $this->left($spare->low)),
            default => Phrase::of('%s to %s', $this->left($spare->low), Figure::left($spare->high)),
        };
    }

    private function needed(Range $need): Phrase
    {
        return $need->isClosed()
            ? Phrase::of('%s', Figure::needed($need->high))
            : Phrase::of('%s to %s', Figure::measured($need->low), Figure::needed($need->high));
    }

    private function left(Length $length): Figure|string
    {
        return $this->isSeen($length) ? Figure::left($length) : 'nothing';
    }

    /** Whether it is more than a tape shows. */
    private function isSeen(Length $length): bool
    {
        return $length->isLongerThan(Length::inches(Practice::SEEN_INCHES));
    }
}

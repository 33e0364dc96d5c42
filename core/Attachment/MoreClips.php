<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/**
 * Rule 14, channel clips: how many more of those at hand would hold an edge. Where the leader is not much wider than
 * the cloth, it may be that no number of them does.
 */
final readonly class MoreClips
{
    /** So many more than would be long enough are tried: some of what is there may have to stay in its box. */
    private const TRIED = 3;

    /** @param list<StockPiece> $stock which does not reach */
    public function __construct(private array $stock, private ClipBounds $bounds) {}

    /** @return Phrase|null nothing where it is not known what there is */
    public function wayOut(Length $missing): ?Phrase
    {
        $lengths = $this->lengths($missing);
        if ([] === $lengths) {
            return null;
        }
        $run = $this->run(array_map($this->asManyAsFit(...), $lengths));
        $more = null === $run ? [] : $this->oneLength($lengths, $missing) ?? $this->beyondStock($run);

        return [] === $more
            ? $this->none()
            : Phrase::of(
                'With ' .
                    implode(' and ', array_map($this->words(...), $more)) .
                    ' it would be held; or take another hold at this end.',
                ...array_map(static fn(StockPiece $kind): Figure => Figure::measured($kind->length), $more),
            );
    }

    private function none(): Phrase
    {
        [$least, $longest] = [Figure::needed($this->bounds->least), Figure::left($this->bounds->longest)];
        $after = ', the width of the leader: take another hold at this end, or clips of another length.';

        return $this->bounds->least->isShorterThan($this->bounds->longest)
            ? Phrase::of('No number of these clips makes a run of %s to %s' . $after, $least, $longest)
            : Phrase::of('No number of these clips makes a run of just %s' . $after, $longest);
    }

    /**
     * The lengths at hand: those that close the gap alone first, the shortest before the others.
     *
     * @return list<Length>
     */
    private function lengths(Length $missing): array
    {
        $lengths = array_map(static fn(StockPiece $kind): Length => $kind->length, $this->stock);
        usort($lengths, static fn(Length $one, Length $other): int => $one->compareTo($other));
        $isLong = static fn(Length $length): bool => !$length->isShorterThan($missing);
        $short = array_filter($lengths, static fn(Length $length): bool => !$isLong($length));

        return [...array_filter($lengths, $isLong), ...array_reverse($short)];
    }

    private function asManyAsFit(Length $length): StockPiece
    {
        return new StockPiece($length, intdiv($this->bounds->longest->nanometres, $length->nanometres));
    }

    /**
     * @param list<Length> $lengths
     *
     * @return list<StockPiece>|null the fewest that do it, all of one length
     */
    private function oneLength(array $lengths, Length $missing): ?array
    {
        $tries = [];
        foreach ($lengths as $length) {
            $least = (int) ceil($missing->nanometres / $length->nanometres);
            foreach (range($least, $least + self::TRIED) as $count) {
                $tries[] = new StockPiece($length, $count);
            }
        }
        usort($tries, static fn(StockPiece $one, StockPiece $other): int => $one->count <=> $other->count);
        foreach ($tries as $more) {
            if (null !== $this->run([$more])) {
                return [$more];
            }
        }

        return null;
    }

    /**
     * @param list<Length> $run
     *
     * @return list<StockPiece> what of it is not there
     */
    private function beyondStock(array $run): array
    {
        $left = [];
        foreach ($this->stock as $kind) {
            $left[$kind->length->nanometres] = ($left[$kind->length->nanometres] ?? 0) + $kind->count;
        }
        $more = [];
        foreach (
            array_count_values(array_map(static fn(Length $length): int => $length->nanometres, $run))
            as $length => $count
        ) {
            if ($count > $left[$length]) {
                $more[] = new StockPiece(Length::ofNanometres($length), $count - $left[$length]);
            }
        }

        return $more;
    }

    /**
     * @param list<StockPiece> $more
     *
     * @return list<Length>|null
     */
    private function run(array $more): ?array
    {
        return (new ClipChoice())->choose(
            [...$this->stock, ...$more],
            $this->bounds->wanted,
            $this->bounds->least,
            $this->bounds->longest,
        );
    }

    private function words(StockPiece $kind): string
    {
        return "$kind->count more " . (1 === $kind->count ? 'clip' : 'clips') . ' of %s';
    }
}

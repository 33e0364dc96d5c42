<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Worked;

/**
 * How one edge is held: every piece at its place, in what order, and how long it takes.
 *
 * $missing is there where the pieces at hand do not reach: then there are no places, or too few.
 */
final readonly class Attachment
{
    /**
     * @param list<Piece>  $pieces   from left to right
     * @param Worked|null  $spacing  from piece to piece, where it is one figure
     * @param Worked       $edge     what is held
     * @param Worked|null  $missing  length or, for counted pieces, none
     * @param list<Phrase> $notes    what to mind while attaching
     * @param list<Piece>  $pinned   pins of the cloth on its zip, set off the frame
     */
    public function __construct(
        public HoldingSystem $system,
        public array $pieces,
        public ?Worked $spacing,
        public Worked $edge,
        public float $seconds,
        public ?Worked $missing = null,
        public array $notes = [],
        public array $pinned = [],
    ) {}

    public function count(): int
    {
        return \count($this->pieces);
    }

    public function minutes(): float
    {
        return $this->seconds / 60;
    }

    /**
     * @return array<int, int> how many pieces there are of each length in nanometres, longest first; points have none
     */
    public function countByLength(): array
    {
        $counts = array_count_values(
            array_map(static fn(Piece $piece): int => $piece->length()->nanometres, $this->pieces),
        );
        krsort($counts);

        return $counts;
    }

    /** @return list<Length> the joints between pieces that touch, from left to right */
    public function joints(): array
    {
        $joints = [];
        foreach (\array_slice($this->pieces, 1) as $i => $piece) {
            if (0 === $piece->from->compareTo($this->pieces[$i]->to)) {
                $joints[] = $piece->from;
            }
        }

        return $joints;
    }

    /** @return list<Piece> in the order of placing */
    public function inOrder(): array
    {
        $pieces = $this->pieces;
        usort($pieces, static fn(Piece $one, Piece $other): int => $one->order <=> $other->order);

        return $pieces;
    }

    /**
     * How far the pieces reach beyond the edge at its left and at its right.
     *
     * @param Length $position of the edge's centre from the leader's centre mark
     *
     * @return array{Length, Length}
     */
    public function overhang(Length $position): array
    {
        $half = $this->edge->length()->half();
        if ([] === $this->pieces) {
            return [Length::zero(), Length::zero()];
        }

        return [
            $position->minus($half)->minus($this->pieces[0]->from),
            $this->pieces[\count($this->pieces) - 1]->to->minus($position)->minus($half),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Job\Finish;
use Schwung\Core\Measure\Length;

/**
 * The rows as they will be laid; $scale is of the asked design, $finish what was really used. Places are counted from
 * the lead edge, toward the quilter: $begins is before it (negative) where the design overhangs, and inside it where
 * the edge is out of the needle's reach. $refit is what was changed of the rows that were left, at the frame.
 */
final readonly class RowLayout
{
    public function __construct(
        public int $count,
        public float $scale,
        public Length $height,
        public Length $gap,
        public Length $overhang,
        public Length $along,
        public Finish $finish,
        public Finish $asked,
        public Length $begins,
        public ?Refit $refit = null,
    ) {}

    /** The same, with the rows from a number on laid otherwise. */
    public function refitted(?Refit $refit): self
    {
        // @phpstan-ignore argument.type (the names and types are those of this class)
        return new self(...[...get_object_vars($this), 'refit' => $refit]);
    }

    /** Of a row, counted from 0. */
    public function heightOf(int $row): Length
    {
        return $this->isRefitted($row) ? $this->refit->height : $this->height;
    }

    /** Between a row and the one before it. */
    public function gapBefore(int $row): Length
    {
        return $this->isRefitted($row) ? $this->refit->gap : $this->gap;
    }

    /** @phpstan-assert-if-true !null $this->refit */
    private function isRefitted(int $row): bool
    {
        return null !== $this->refit && $row >= $this->refit->from;
    }

    public function pitch(): Length
    {
        return $this->height->plus($this->gap);
    }

    /** Where a row begins, counted from 0, as a distance from the lead edge. */
    public function start(int $row): Length
    {
        return $this->isRefitted($row)
            ? $this->refit->height
                ->plus($this->refit->gap)
                ->times($row - $this->refit->from)
                ->plus($this->refit->begins)
            : $this->pitch()->times($row)->plus($this->begins);
    }

    public function end(int $row): Length
    {
        return $this->start($row)->plus($this->heightOf($row));
    }

    /** How far the last row ends beyond the tail edge; below zero where it ends before it. */
    public function beyondTail(): Length
    {
        return $this->end($this->count - 1)->minus($this->along);
    }

    /** The same rows counted from the tail edge. */
    public function fromTail(): self
    {
        return new self(
            count: $this->count,
            scale: $this->scale,
            height: $this->height,
            gap: $this->gap,
            overhang: $this->overhang,
            along: $this->along,
            finish: $this->finish,
            asked: $this->asked,
            begins: $this->beyondTail()->negated(),
        );
    }

    public function hasFallenBack(): bool
    {
        return $this->finish !== $this->asked;
    }
}

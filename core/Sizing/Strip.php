<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** Strips to cut alike and sew on: how many, to which edges, cut size and what each adds. */
final readonly class Strip
{
    /** @param list<'lead'|'tail'|'left'|'right'> $edges one strip for each */
    public function __construct(
        public array $edges,
        public Length $adds,
        public Length $cutWidth,
        public Length $cutLength,
    ) {}

    public function count(): int
    {
        return \count($this->edges);
    }

    /** The cut, width first: the same in every list and drawing. */
    public function size(): Phrase
    {
        return Phrase::of('%s × %s', ...$this->figures());
    }

    /** What to do with it. */
    public function sentence(): Phrase
    {
        $isAtEnd = \in_array($this->edges[0], ['lead', 'tail'], true);
        $to = match (true) {
            1 === $this->count() => $isAtEnd ? 'it to the tail end' : 'it to the right side, where the clamps hold',
            $isAtEnd => 'one to the lead and one to the tail end',
            default => 'one to the left and one to the right side, where the clamps hold',
        };

        return Phrase::of(
            (1 === $this->count() ? 'Cut one strip' : 'Cut two strips') . " %s × %s and sew $to.",
            ...$this->figures(),
        );
    }

    /** @return array{Figure, Figure} width and length of the cut */
    private function figures(): array
    {
        return [Figure::needed($this->cutWidth), Figure::needed($this->cutLength)];
    }
}

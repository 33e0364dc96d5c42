<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/**
 * What can be reached of a quilt without moving it sideways, from its left edge; neighbours share the overlap.
 *
 * $boundKind tells what its right bound is stitched up to: a seam, or a line basted through a border or a block.
 */
final readonly class Section
{
    public function __construct(
        public int $number,
        public Length $from,
        public Length $to,
        public ?StopKind $boundKind,
    ) {}

    public function across(): Length
    {
        return $this->to->minus($this->from);
    }

    /**
     * The same sections as they lie once the quilt is turned by half a turn: still from left to right, each ending at
     * the bound that was there, the next beginning by the same overlap before it.
     *
     * @param list<self> $sections from left to right
     *
     * @return list<self> the same number
     */
    public static function mirrored(array $sections, Length $across): array
    {
        $bounds = \array_slice($sections, 0, -1);
        $overlap = [] === $bounds ? Length::zero() : $sections[0]->to->minus($sections[1]->from);
        $mirrored = [];
        $from = Length::zero();
        foreach (array_reverse($bounds) as $i => $bound) {
            $to = $across->minus($bound->to);
            $mirrored[] = new self($i + 1, $from, $to, $bound->boundKind);
            $from = $to->minus($overlap);
        }

        return [...$mirrored, new self(\count($sections), $from, $across, null)];
    }
}

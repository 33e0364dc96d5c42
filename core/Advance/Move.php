<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** What comes before a section is stitched: how far the quilt goes, what is let go, and what it is lined up by. */
final readonly class Move
{
    /**
     * @param Length $distance how far the quilt goes: to the left for a move sideways, away from the quilter forward
     */
    public function __construct(
        public int $pass,
        public int $section,
        public MoveKind $kind,
        public Length $distance,
        public string $released,
        public Phrase $alignTo,
    ) {}

    /** How far the quilt goes, and where to. */
    public function title(): Phrase
    {
        return match (true) {
            MoveKind::Forward === $this->kind => Phrase::of(
                "Forward %s, to pass {$this->pass}.",
                Figure::measured($this->distance),
            ),
            $this->distance->isNegative() => Phrase::of(
                "To the right %s, to section {$this->section}.",
                Figure::measured($this->distance->negated()),
            ),
            default => Phrase::of("To the left %s, to section {$this->section}.", Figure::measured($this->distance)),
        };
    }
}

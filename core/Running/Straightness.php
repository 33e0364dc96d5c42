<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** How straight an edge lies, and what to do about it. */
final readonly class Straightness
{
    /** What is said of each; the side is always the right, away is from the quilter. */
    public const SAYS = [
        'straight' => 'Straight: baste it.',
        'away' => 'Move the right side %s away from you.',
        'toward' => 'Move the right side %s toward you.',
        'bowed' => 'The middle is %s out of line: align it by another seam.',
    ];

    /** @param Length $by of a slope how far the right lies toward the quilter, of a bow the middle; zero where it is straight */
    public function __construct(public StraightState $state, public Length $by) {}

    public function sentence(): Phrase
    {
        $says = match ($this->state) {
            StraightState::Straight => 'straight',
            StraightState::Move => $this->by->isNegative() ? 'toward' : 'away',
            StraightState::Bowed => 'bowed',
        };
        $by = Figure::measured($this->by->absolute());

        return Phrase::of(self::SAYS[$says], ...StraightState::Straight === $this->state ? [] : [$by]);
    }
}

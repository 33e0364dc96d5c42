<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** What the leaders of a frame have in common, and what each has of its own; over the widest span that was checked. */
final readonly class CommonTilt
{
    /** What is measured before any leader is cut. */
    public const MEASURE = [
        'From rail to roller at both ends, with the tape square to the rail.',
        'Both diagonals of the frame, from corner to corner.',
        'A level along each rail and across the frame at both ends.',
    ];

    /**
     * @param Length                $common  positive where every leader's right lies toward the quilter
     * @param Length                $error   one standard error of it
     * @param array<string, Length> $own     by the words of the rollers
     * @param bool                  $isFrame whether it is the frame and not the leaders that runs out
     */
    public function __construct(public Length $common, public Length $error, public array $own, public bool $isFrame) {}

    public function sentence(): Phrase
    {
        return $this->isFrame
            ? Phrase::of(
                'All leaders run out alike, %s over the width: measure the frame before you cut.',
                Figure::measured($this->common->absolute()),
            )
            : Phrase::of(
                'The leaders do not run out alike (%s in common): each is judged by its own readings.',
                Figure::measured($this->common->absolute()),
            );
    }
}

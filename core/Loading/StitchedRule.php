<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Wind;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Measure\Length;

/**
 * How far the needle runs in each pass: by the design where one is laid, else by everyday figures (estimates): a row
 * takes two and a half times the width, block work a line every half inch, a basting meander its area by the spacing.
 */
final readonly class StitchedRule
{
    private const OF_A_ROW = 2.5;
    private const BETWEEN_LINES = 12.7;

    /** @param Length|null $spacing of the lines of a meander that only bastes; null where it is quilted */
    public function __construct(
        private Length $across,
        private ?LaidDesign $laid = null,
        private ?Length $spacing = null,
    ) {}

    /** @return list<Length> pass by pass */
    public function byPass(Winding $winding): array
    {
        return array_map(
            fn(Wind $wind): Length => Length::millimetres(
                null === $winding->rows
                    ? (($wind->to - $wind->from) * $this->across->toMillimetres()) / $this->betweenLines()
                    : ($wind->pass->rows ?? 0) * $this->row(),
            ),
            $winding->winds,
        );
    }

    private function betweenLines(): float
    {
        return $this->spacing?->toMillimetres() ?? self::BETWEEN_LINES;
    }

    private function row(): float
    {
        return null === $this->laid
            ? self::OF_A_ROW * $this->across->toMillimetres()
            : $this->laid->stitched()->toMillimetres() / $this->laid->rows->count;
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Length;

/**
 * One row of an edge-to-edge design as it is asked for.
 *
 * The gap to the next row may be negative, above minus half the height: rows that nest. The design starts by the
 * overhang beyond the lead edge, and must end that far beyond the tail edge.
 */
final readonly class RowDesign
{
    public function __construct(
        public Length $height,
        public Length $gap,
        public Length $overhang,
        public Finish $finish = Finish::RunOff,
    ) {}

    public function withFinish(Finish $finish): self
    {
        return new self($this->height, $this->gap, $this->overhang, $finish);
    }

    /** The same design at another height, its gap in proportion. */
    public function atHeight(Length $height): self
    {
        $gap = Length::ofNanometres(
            (int) round($this->gap->nanometres * ($height->nanometres / $this->height->nanometres)),
        );

        return new self($height, $gap, $this->overhang, $this->finish);
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Length;

/** The pieced top as measured: three widths, three lengths, both diagonals if taken, its seams from top and left. */
final readonly class Top
{
    /**
     * @param array{Length, Length}|null $diagonals
     * @param list<TopSeam>              $seamsAcross from the top edge, in order
     * @param list<TopSeam>              $seamsAlong  from the left edge, in order
     */
    public function __construct(
        public Length $widthTop,
        public Length $widthMiddle,
        public Length $widthBottom,
        public Length $lengthLeft,
        public Length $lengthMiddle,
        public Length $lengthRight,
        public ?array $diagonals = null,
        public EdgeKind $edge = EdgeKind::Straight,
        public bool $directional = false,
        public array $seamsAcross = [],
        public array $seamsAlong = [],
    ) {
    }

    /** The greatest of the three widths: what must be covered. */
    public function width(): Length
    {
        return Length::longest($this->widthTop, $this->widthMiddle, $this->widthBottom);
    }

    /** The greatest of the three lengths: what must be covered. */
    public function length(): Length
    {
        return Length::longest($this->lengthLeft, $this->lengthMiddle, $this->lengthRight);
    }
}
